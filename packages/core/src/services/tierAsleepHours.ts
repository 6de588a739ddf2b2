import type { Pool } from '../design/design'
import type { Brief } from '../design/brief'
import type { Service } from '../design/services'
import type { Machine } from '../machine/machine'
import { hoursAsleep } from './hoursAsleep'
import { addedBytesPerDay } from './writtenPerDay'

/**
 * How long can the disks behind a fast tier sleep?
 *
 * Each moving is as quick as one disk, which is what a pool of disks with file systems of their own writes.
 *
 * @returns the most hours of a day; null where disks always spin, and where their rate is not known
 */
export function tierAsleepHours(
  { movedEveryHours }: Pick<Service, 'movedEveryHours'>,
  pool: Pool | null,
  brief: Pick<Brief, 'data'>,
  spinDownMinutes: number | null,
  { pieces }: Pick<Machine, 'pieces'>,
): number | null {
  const members = pool?.groups.flatMap(({ driveIds }) => driveIds) ?? []
  const rates = members.map((id) => {
    const sheet = pieces.get(id)?.dataSheet
    return sheet?.kind === 'drive' ? sheet.outerRateBytesPerSecond : null
  })
  if (spinDownMinutes === null || rates.length === 0 || rates.includes(null)) return null
  const slowest = Math.min(...rates.map((rate) => rate ?? 0))
  const movedBytes = (addedBytesPerDay(brief) * movedEveryHours) / 24
  return hoursAsleep(movedEveryHours, movedBytes / slowest, spinDownMinutes)
}
