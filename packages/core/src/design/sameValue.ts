/**
 * Whether two JSON values say the same. The order of an object's fields says nothing: the database
 * keeps them in an order of its own.
 */
export function sameValue(one: unknown, other: unknown): boolean {
  if (Object.is(one, other)) return true
  if (typeof one !== 'object' || typeof other !== 'object' || !one || !other) return false
  if (Array.isArray(one) !== Array.isArray(other)) return false
  const fields = new Map(Object.entries(one))
  const others = new Map(Object.entries(other))
  return (
    fields.size === others.size &&
    [...fields].every(([name, value]) => others.has(name) && sameValue(value, others.get(name)))
  )
}
