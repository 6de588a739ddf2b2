/** What others wrote is never trusted: a field is what it is meant to be, or null. */

export const objectOf = (value: unknown): Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value)
    ? (value as Record<string, unknown>)
    : {}

export const listOf = (value: unknown): unknown[] => (Array.isArray(value) ? value : [])

/** A text without what no name has at its ends; null for an empty one. */
export function textOf(value: unknown): string | null {
  if (typeof value !== 'string') return null
  const trimmed = value.trim()
  return trimmed === '' ? null : trimmed
}

/** A number of at least 0, also one that is written as text, as older tools do. */
export function countOf(value: unknown): number | null {
  const number =
    typeof value === 'string' && /^\d+(\.\d+)?$/.test(value.trim()) ? Number(value) : value
  return typeof number === 'number' && Number.isFinite(number) && number >= 0 ? number : null
}

export function booleanOf(value: unknown): boolean | null {
  if (typeof value === 'boolean') return value
  if (value === '1' || value === 1) return true
  return value === '0' || value === 0 ? false : null
}
