/** A block of IPv4 addresses: the first of them as a number, and how many bits all of them share. */
export interface AddressBlock {
  first: number
  prefix: number
}

const BITS = 32

/**
 * A block as RFC 4632 writes it.
 *
 * @returns null for what is none: a part over 255, a prefix over 32, or bits set behind the prefix
 * Source: RFC 4632, section 3.1.
 * @example readBlock('10.0.0.0/8') // { first: 167772160, prefix: 8 }
 */
export function readBlock(text: string): AddressBlock | null {
  const found = /^(\d{1,3})\.(\d{1,3})\.(\d{1,3})\.(\d{1,3})\/(\d{1,2})$/.exec(text.trim())
  if (!found) return null
  const [, ...numbers] = found.map(Number)
  const prefix = numbers.pop() ?? BITS
  if (prefix > BITS || numbers.some((part) => part > 255)) return null
  const first = numbers.reduce((sum, part) => sum * 256 + part, 0)
  return first % sizeOf(prefix) === 0 ? { first, prefix } : null
}

/** @example blockText({ first: 167772160, prefix: 8 }) // '10.0.0.0/8' */
export const blockText = ({ first, prefix }: AddressBlock): string =>
  `${addressText(first)}/${prefix}`

/** @example addressText(167772161) // '10.0.0.1' */
export function addressText(address: number): string {
  return [24, 16, 8, 0].map((shift) => Math.floor(address / 2 ** shift) % 256).join('.')
}

/** @example maskText(30) // '255.255.255.252' */
export const maskText = (prefix: number): string => addressText(2 ** BITS - sizeOf(prefix))

/** How many addresses a block has. */
export const sizeOf = (prefix: number): number => 2 ** (BITS - prefix)

export function overlap(one: AddressBlock, other: AddressBlock): boolean {
  return (
    one.first < other.first + sizeOf(other.prefix) && other.first < one.first + sizeOf(one.prefix)
  )
}
