import { letteredGroups } from '../../design/groupLetters'
import type { Rule } from '../../judging/rule'

/** A group is too narrow or too wide for its kind, or a member too small for ZFS. */
export const poolCannotBeMade: Rule = ({ design, capacity }) =>
  capacity.pools.flatMap(({ name, problem }) => {
    if (!problem) return []
    const lettered = letteredGroups(design).find(({ group }) => group.id === problem.groupId)
    const subject = lettered ? `Group ${lettered.letter}` : `Pool ${name}`
    const driveIds = lettered?.group.driveIds ?? []
    return [
      {
        code: 'pool-cannot-be-made',
        severity: 'blocks',
        step: 'drives',
        partIds: driveIds,
        groupIds: lettered ? [lettered.group.id] : [],
        sentence: `${subject} cannot be made: ${lowerFirst(problem.sentence)}`,
        numbers: { drives: driveIds.length },
        ...(lettered && {
          fix: {
            label: `Dissolve group ${lettered.letter}`,
            edit: { do: 'ungroup-drives' as const, driveIds },
          },
        }),
      },
    ]
  })

function lowerFirst(text: string): string {
  return text.startsWith('ZFS') ? text : text.charAt(0).toLowerCase() + text.slice(1)
}
