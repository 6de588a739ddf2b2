/**
 * Whether a text is a calendar day as ISO 8601 has it.
 * @example isDay('2026-02-30') // false
 */
export function isDay(text: string): boolean {
  if (!/^\d{4}-\d{2}-\d{2}$/.test(text)) return false
  const read = new Date(`${text}T00:00:00Z`)
  // A day that its month does not have is read as one of the next.
  return !Number.isNaN(read.getTime()) && read.toISOString().startsWith(text)
}
