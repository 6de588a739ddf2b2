import { letteredGroups } from '../../design/groupLetters'
import { familyOf } from '../../pool/families'
import type { Rule } from '../../judging/rule'

/** A group without redundancy takes the whole pool with it. */
export const noRedundancy: Rule = ({ design }) =>
  letteredGroups(design).flatMap(({ group, letter, pool }) => {
    const sets = familyOf(pool).failureGroups(pool)
    if (!sets.some(({ by, groupIds }) => by === 'nothing' && groupIds.includes(group.id))) return []
    return [
      {
        code: 'no-redundancy',
        severity: 'risks',
        step: 'drives',
        partIds: group.driveIds,
        groupIds: [group.id],
        sentence:
          sets.length > 1
            ? `Group ${letter} has no redundancy: one failed drive in it loses all of pool ${pool.name}, the other groups included.`
            : `Group ${letter} has no redundancy: the first drive that fails loses all of pool ${pool.name}.`,
        numbers: { drives: group.driveIds.length },
      },
    ]
  })
