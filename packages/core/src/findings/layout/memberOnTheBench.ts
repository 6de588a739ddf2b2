import type { Rule } from '../../judging/rule'

/** A member of a group that is in no bay: the pool starts degraded or not at all, and its figures are those without it. */
export const memberOnTheBench: Rule = ({ bays }, format) => {
  const missing = bays.bench.filter(({ member, part }) => member !== null && part.away === null)
  if (missing.length === 0) return []
  const free = bays.bays.filter(({ drive }) => drive === null).length
  return [
    {
      code: 'member-on-the-bench',
      severity: 'blocks',
      step: 'drives',
      partIds: missing.map(({ part }) => part.id),
      groupIds: [...new Set(missing.flatMap(({ member }) => member?.lettered.group.id ?? []))],
      sentence: `${format.counted(missing.length, 'member of a group lies', 'members of groups lie')} on the bench; ${format.counted(free, 'bay is', 'bays are')} free.`,
      numbers: { drives: missing.length, freeBays: free },
    },
  ]
}
