/** Versions of one day, in the order they came in. */
export interface Day<Version> {
  /** "Today", "Yesterday", or the date. */
  day: string
  versions: Version[]
}

/**
 * Versions by the day on which they were saved, where whoever looks at them is.
 *
 * @param versions in order of time, either way
 */
export function daysOf<Version extends { savedAt: string }>(
  versions: readonly Version[],
  now: Date,
  locale: string,
): Day<Version>[] {
  const dateFormat = new Intl.DateTimeFormat(locale, { dateStyle: 'medium' })
  const today = dateFormat.format(now)
  const yesterday = dateFormat.format(
    new Date(now.getFullYear(), now.getMonth(), now.getDate() - 1),
  )
  const days: Day<Version>[] = []
  for (const version of versions) {
    const date = dateFormat.format(new Date(version.savedAt))
    const day = date === today ? 'Today' : date === yesterday ? 'Yesterday' : date
    const last = days.at(-1)
    if (last?.day === day) last.versions.push(version)
    else days.push({ day, versions: [version] })
  }
  return days
}
