import { found } from '../../judging/finding'
import type { Rule } from '../../judging/rule'

interface Facts {
  poolId: string
  drives: number
}

/** Members of one pool that hang on USB. */
export const usbUnderPool: Rule<'usb-under-pool', Facts> = {
  code: 'usb-under-pool',
  step: 'paths',
  find: ({ pools, machine, drivesOnHosts }) => {
    const bridges = new Set(machine.placed['USB port'].map(({ pieceId }) => pieceId))
    const drives = new Set(bridges)
    for (const { id, pieceId, plug } of machine.wiring.data.hosts) {
      if (plug !== 'USB' && !bridges.has(pieceId)) continue
      for (const driveId of drivesOnHosts.get(id) ?? []) drives.add(driveId)
    }
    if (drives.size === 0) return []
    return pools.flatMap((pool) => {
      const partIds = pool.groups.flatMap(({ driveIds }) => driveIds.filter((id) => drives.has(id)))
      if (partIds.length === 0) return []
      const groupIds = pool.groups.map(({ id }) => id)
      return found('risks', { partIds, groupIds }, { poolId: pool.id, drives: partIds.length })
    })
  },
  sentence: ({ poolId, drives }, { pool, format }) =>
    `${format.counted(drives, 'drive', 'drives')} of ${pool(poolId)} ${drives === 1 ? 'hangs' : 'hang'} on USB: a bridge that resets looks like failed drives, and many hide SMART values and the order of writes.`,
  houseRule: () =>
    'Some run pools over USB for years at home; others keep every member on SATA, SAS or PCI Express, which is the rule here.',
}
