import argon2 from 'argon2'
import pLimit from 'p-limit'

/**
 * Memory-hard, so that many tries are dear: Argon2id with 19 MiB and two passes.
 * Source: OWASP Password Storage Cheat Sheet, the second of its equal settings (m = 19456, t = 2, p = 1).
 */
const SETTINGS = { type: argon2.argon2id, memoryCost: 19_456, timeCost: 2, parallelism: 1 } as const

/** Hashes that are worked out at once: a crowd at the door must not take the memory of the house. */
const AT_ONCE = 2
const turn = pLimit(AT_ONCE)

export const hashPassword = (password: string): Promise<string> =>
  turn(() => argon2.hash(password, SETTINGS))

export const isPassword = (hash: string, password: string): Promise<boolean> =>
  turn(() => argon2.verify(hash, password))
