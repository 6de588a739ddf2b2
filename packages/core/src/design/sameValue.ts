/**
 * Whether two values of plain data, maps and sets say the same. The order of an object's fields says nothing:
 * the database keeps them in an order of its own.
 */
export function sameValue(one: unknown, other: unknown): boolean {
  if (Object.is(one, other)) return true
  if (typeof one !== 'object' || typeof other !== 'object' || !one || !other) return false
  if (Object.getPrototypeOf(one) !== Object.getPrototypeOf(other)) return false
  if (Array.isArray(one)) return sameItems(one, other as unknown[])
  if (one instanceof Map) return sameEntries(one, other as Map<unknown, unknown>)
  if (one instanceof Set) return sameMembers(one, other as Set<unknown>)
  return sameFields(one as Record<string, unknown>, other as Record<string, unknown>)
}

// Plain loops: this runs for most of what an evaluation works out, and calls of a function for each item would be
// half of its time.

function sameItems(one: readonly unknown[], other: readonly unknown[]): boolean {
  if (one.length !== other.length) return false
  for (let at = 0; at < one.length; at += 1) {
    if (!sameValue(one[at], other[at])) return false
  }
  return true
}

function sameEntries(
  one: ReadonlyMap<unknown, unknown>,
  other: ReadonlyMap<unknown, unknown>,
): boolean {
  if (one.size !== other.size) return false
  for (const [key, value] of one) {
    if (!other.has(key) || !sameValue(value, other.get(key))) return false
  }
  return true
}

function sameMembers(one: ReadonlySet<unknown>, other: ReadonlySet<unknown>): boolean {
  if (one.size !== other.size) return false
  for (const value of one) if (!other.has(value)) return false
  return true
}

function sameFields(one: Record<string, unknown>, other: Record<string, unknown>): boolean {
  const names = Object.keys(one)
  const otherNames = Object.keys(other)
  if (names.length !== otherNames.length) return false
  for (let at = 0; at < names.length; at += 1) {
    const name = names[at] ?? ''
    // What one function made has its fields in one order, and then nobody need look for them.
    if (name !== otherNames[at] && !Object.hasOwn(other, name)) return false
    if (!sameValue(one[name], other[name])) return false
  }
  return true
}
