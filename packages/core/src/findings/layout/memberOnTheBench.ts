import { fittingOf } from '../../machine/piece'
import { found } from '../../judging/finding'
import type { Rule } from '../../judging/rule'

interface Facts {
  drives: number
  freeBays: number
}

/** A member of a group that is in no bay: the pool starts degraded or not at all, and its figures are those without it. */
export const memberOnTheBench: Rule<'member-on-the-bench', Facts> = {
  code: 'member-on-the-bench',
  step: 'drives',
  find: ({ lettered, machine }) => {
    const missing = machine.awayIds.filter((id) => fittingOf(machine.fittings, id).away === null)
    const isMissing = new Set(missing)
    const groups = lettered.filter(({ group }) => group.driveIds.some((id) => isMissing.has(id)))
    const inGroups = new Set(groups.flatMap(({ group }) => group.driveIds))
    const partIds = missing.filter((id) => inGroups.has(id))
    if (partIds.length === 0) return []
    const facts = { drives: partIds.length, freeBays: machine.bays.length - machine.driveIn.size }
    return [found('blocks', { partIds, groupIds: groups.map(({ group }) => group.id) }, facts)]
  },
  sentence: ({ drives, freeBays }, { format }) =>
    `${format.counted(drives, 'member of a group is', 'members of groups are')} taken out; ${format.counted(freeBays, 'bay is', 'bays are')} free.`,
}
