import { createHash, randomBytes } from 'node:crypto'

const SECRET_BYTES = 32

/** A key that cannot be guessed: 256 bits, in letters that an address may have. */
export const newSecret = (): string => randomBytes(SECRET_BYTES).toString('base64url')

/**
 * What is kept of a key. A plain hash is enough, unlike for a password: nobody can try 2^256 keys.
 */
export const digestOf = (secret: string): string =>
  createHash('sha256').update(secret).digest('hex')
