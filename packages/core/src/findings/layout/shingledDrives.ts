import { found, lack } from '../../judging/finding'
import { missingOf } from '../../judging/missing'
import type { Rule } from '../../judging/rule'
import type { PieceId } from '../../machine/piece'
import { familyOf } from '../../pool/families'

interface Facts {
  groupIds: readonly string[]
  driveId: PieceId
  drives: number
}

/**
 * Shingled drives in groups that are rebuilt: a write that does not go on where the last one ended is put off,
 * so a rebuild that takes a day takes many, and a drive that answers late is thrown out. Common practice, no
 * source.
 */
export const shingledDrives: Rule<'shingled-drives', Facts> = {
  code: 'shingled-drives',
  step: 'drives',
  find: ({ pools, machine }) =>
    pools.flatMap((pool) =>
      familyOf(pool)
        .failureGroups(pool)
        .flatMap(({ by, driveIds, groupIds }) => {
          if (by === 'nothing') return []
          const disks = driveIds.flatMap((id) => {
            const sheet = machine.pieces.get(id)?.dataSheet
            return sheet?.kind === 'drive' && sheet.medium === 'disk' ? [{ id, sheet }] : []
          })
          const shingled = disks.filter(({ sheet }) => sheet.recording === 'shingled')
          const [first] = shingled
          if (first) {
            const facts = { groupIds, driveId: first.id, drives: shingled.length }
            const partIds = shingled.map(({ id }) => id)
            return found('risks', { partIds, groupIds }, facts)
          }
          const without = disks.filter(({ sheet }) => sheet.recording === null)
          if (without.length === 0) return []
          return lack(
            without.flatMap((drive) => missingOf(drive, 'recording')),
            { parts: without, groupIds },
          )
        }),
    ),
  sentence: ({ groupIds, driveId, drives }, { letters, piece, format }) =>
    `${format.counted(drives, 'drive')} of group${groupIds.length > 1 ? 's' : ''} ${letters(groupIds)} ${drives === 1 ? 'is' : 'are'} shingled (${piece(driveId)}): a rebuild onto one may take a week, and may fail because the drive answers too late. Take drives with conventional recording.`,
  houseRule: () =>
    'Some use shingled drives for archives that are written once; here none belongs in a group that must be rebuilt.',
  question: 'whether drives of a group are shingled',
}
