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
  find: ({ pools, machine }) => {
    const { data } = machine.wiring
    const { hosts } = data
    const usbHosts = new Set(hosts.flatMap(({ id, plug }) => (plug === 'USB' ? [id] : [])))
    const bridges = new Set(machine.placed['USB port'].map(({ pieceId }) => pieceId))
    for (const { id, pieceId } of hosts) if (bridges.has(pieceId)) usbHosts.add(id)
    if (usbHosts.size === 0 && bridges.size === 0) return []
    const onUsb = new Set(
      data.cables.flatMap(({ id, hostId }) => (usbHosts.has(hostId) ? [id] : [])),
    )
    const drives = new Set([
      ...data.ports.flatMap(({ driveId, cableId }) => (onUsb.has(cableId) ? [driveId] : [])),
      ...bridges,
    ])
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
