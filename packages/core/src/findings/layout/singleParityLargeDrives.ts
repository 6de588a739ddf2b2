import { found } from '../../judging/finding'
import type { Rule } from '../../judging/rule'
import { scenarioRates } from '../../paths/scenarioRates'
import { rebuild } from '../../paths/scenarios/rebuild'
import { NO_CHOICE } from '../../paths/scenarios/scenario'
import { familyOf } from '../../pool/families'
import { TB } from '../../units/bytes'
import { SECONDS_PER_HOUR } from '../../units/time'

/** From about this size on a disk is rebuilt for most of a day. Common practice, no source. */
export const LARGE_DRIVE_BYTES = 8 * TB

interface Facts {
  groupIds: readonly string[]
  largestBytes: number
  loses: 'pool' | 'failed drives'
  /** How long a full drive of it takes to be made anew; null where one of them is not reached. */
  rebuildSeconds: number | null
}

/** While a large disk is rebuilt under single parity, nothing covers the others. Flash is rebuilt in a fraction of the time. */
export const singleParityLargeDrives: Rule<'single-parity-large-drives', Facts> = {
  code: 'single-parity-large-drives',
  step: 'drives',
  find: ({ brief, pools, network, tenants, machine }) =>
    pools.flatMap((pool) => {
      const family = familyOf(pool)
      return family.failureGroups(pool).flatMap(({ by, tolerates, driveIds, groupIds }) => {
        if (by !== 'parity' || tolerates !== 1) return []
        const disks = driveIds.flatMap((id) => {
          const sheet = machine.pieces.get(id)?.dataSheet
          return sheet?.kind === 'drive' && sheet.medium === 'disk' ? [sheet.capacityBytes] : []
        })
        const largestBytes = Math.max(0, ...disks)
        if (largestBytes < LARGE_DRIVE_BYTES) return []
        const choice = { ...NO_CHOICE, groupId: groupIds[0] ?? null }
        const { seconds } = scenarioRates(
          { brief, pools, network, tenants },
          machine,
          rebuild,
          choice,
        )
        const facts = { groupIds, largestBytes, loses: family.beyond, rebuildSeconds: seconds }
        return found('risks', { partIds: driveIds, groupIds }, facts)
      })
    }),
  sentence: ({ groupIds, largestBytes, loses, rebuildSeconds }, { letters, format }) =>
    `${groupIds.length > 1 ? `Groups ${letters(groupIds)} have` : `Group ${letters(groupIds)} has`} single parity over drives of ${format.drive(largestBytes)}: during ${rebuildSeconds === null ? 'the long rebuild' : `the rebuild of about ${format.number(rebuildSeconds / SECONDS_PER_HOUR)} hours, longer while it is used,`} a second failure loses ${loses === 'pool' ? 'the pool' : 'the files of both drives'}.`,
  houseRule: () =>
    'Old or large drives deserve double parity; others find single parity enough with a backup.',
}
