/**
 * Whether two values of plain data, maps and sets say the same. The order of an object's fields says nothing:
 * the database keeps them in an order of its own.
 */
export function sameValue(one: unknown, other: unknown): boolean {
  if (Object.is(one, other)) return true
  if (typeof one !== 'object' || typeof other !== 'object' || !one || !other) return false
  if (Object.getPrototypeOf(one) !== Object.getPrototypeOf(other)) return false
  if (Array.isArray(one)) {
    const others = other as unknown[]
    return one.length === others.length && one.every((value, at) => sameValue(value, others[at]))
  }
  if (one instanceof Map) {
    const others = other as Map<unknown, unknown>
    return (
      one.size === others.size &&
      [...one].every(([key, value]) => others.has(key) && sameValue(value, others.get(key)))
    )
  }
  if (one instanceof Set) {
    const others = other as Set<unknown>
    return one.size === others.size && [...one].every((value) => others.has(value))
  }
  const names = Object.keys(one)
  return (
    names.length === Object.keys(other).length &&
    names.every(
      (name) =>
        Object.hasOwn(other, name) &&
        sameValue((one as Record<string, unknown>)[name], (other as Record<string, unknown>)[name]),
    )
  )
}
