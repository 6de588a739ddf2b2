/** The calendar day where the builder is, as ISO 8601 has it. */
export function today(now = new Date()): string {
  const two = (value: number): string => String(value).padStart(2, '0')
  return `${now.getFullYear()}-${two(now.getMonth() + 1)}-${two(now.getDate())}`
}

const MS_PER_DAY = 86_400_000

/** The day so many days before today. */
export const daysAgo = (days: number): string => today(new Date(Date.now() - days * MS_PER_DAY))
