import type { Rule } from '../rule'

/** A member of a group that is in no bay: the pool starts degraded or not at all. */
export const groupOnTheBench: Rule = (_document, { bays }, say) => {
  const missing = bays.bench.filter(({ member }) => member !== null)
  if (missing.length === 0) return []
  const free = bays.bays.filter(({ drive }) => drive === null).length
  return [
    {
      code: 'member-on-the-bench',
      severity: 'blocks',
      step: 'drives',
      partIds: missing.map(({ part }) => part.id),
      groupIds: [...new Set(missing.flatMap(({ member }) => member?.lettered.group.id ?? []))],
      sentence: `${say.counted(missing.length, 'member of a group lies', 'members of groups lie')} on the bench; ${say.counted(free, 'bay is', 'bays are')} free.`,
      numbers: { drives: missing.length, freeBays: free },
    },
  ]
}
