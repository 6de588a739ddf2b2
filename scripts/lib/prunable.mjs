const DAYS_KEPT = 7
const WEEKS_KEPT = 4
const NAME = /^flint-shelf-(\d{4}-\d{2}-\d{2})-\d{6}\.tar$/

/**
 * Which backups of a folder may go: the newest of each of the last seven days and of each of the last four weeks that
 * have one stay. Files under other names are nobody's business.
 */
export function prunable(names) {
  const backups = names
    .flatMap((name) => {
      const day = NAME.exec(name)?.[1]
      return day ? [{ name, day, week: weekOf(day) }] : []
    })
    .sort((one, other) => (one.name < other.name ? 1 : -1))
  const kept = new Set([
    ...newestOfEach(backups, 'day', DAYS_KEPT),
    ...newestOfEach(backups, 'week', WEEKS_KEPT),
  ])
  return backups.map(({ name }) => name).filter((name) => !kept.has(name))
}

function newestOfEach(newestFirst, span, most) {
  const found = new Map()
  for (const backup of newestFirst) {
    if (!found.has(backup[span])) found.set(backup[span], backup.name)
  }
  return [...found.values()].slice(0, most)
}

/** The Monday of a day's week. */
function weekOf(day) {
  const date = new Date(`${day}T00:00:00Z`)
  date.setUTCDate(date.getUTCDate() - ((date.getUTCDay() + 6) % 7))
  return date.toISOString().slice(0, 10)
}
