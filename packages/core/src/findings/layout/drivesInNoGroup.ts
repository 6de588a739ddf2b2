import { found } from '../../judging/finding'
import type { Rule } from '../../judging/rule'
import { piecesOf } from '../../machine/machine'
import { drawnWatts } from '../../power/drawnWatts'
import { type Amount, sumOf } from '../../units/amount'

interface Facts {
  drives: number
  watts: Amount<'W'>
}

/** Drives that draw power and hold nothing. */
export const drivesInNoGroup: Rule<'drives-in-no-group', Facts> = {
  code: 'drives-in-no-group',
  step: 'drives',
  find: ({ pools, lettered, machine, services: { devices } }) => {
    if (pools.length === 0) return []
    const members = new Set(lettered.flatMap(({ group }) => group.driveIds))
    const others = piecesOf(machine, 'drive').filter(({ id }) => !members.has(id))
    if (others.length === 0) return []
    const inBays = new Set(machine.driveIn.values())
    const busy = new Set(
      devices.flatMap(({ device, partitions }) => (partitions.length > 0 ? [device.id] : [])),
    )
    const idle = others.filter(({ id }) => inBays.has(id) && !busy.has(id))
    if (idle.length === 0) return []
    const watts = sumOf(
      idle.map((drive) => drawnWatts(drive, 'idle')),
      'W',
    )
    return [found('note', { parts: idle }, { drives: idle.length, watts })]
  },
  sentence: ({ drives, watts }, { format }) =>
    `${format.counted(drives, 'drive is', 'drives are')} in a bay but in no group${watts.missing.length === 0 ? `: ${format.watts(watts.likely, 1)} for nothing` : '; what they draw is not known'}.`,
}
