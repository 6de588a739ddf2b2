import type { Finding } from '../../judging/finding'
import type { Rule } from '../../judging/rule'

/** Members of one pool that hang on USB. */
export const usbUnderPool: Rule = ({ design, machine }, format) => {
  const { hosts, cables, ports } = machine.wiring.data
  const usbHosts = new Set(hosts.flatMap(({ id, plug }) => (plug === 'USB' ? [id] : [])))
  const bridges = new Set(
    machine.placed.flatMap(({ pieceId, need }) => (need === 'USB port' ? [pieceId] : [])),
  )
  const onUsb = new Set(
    cables.flatMap(({ id, hostId }) => {
      const host = hosts.find((one) => one.id === hostId)
      return usbHosts.has(hostId) || bridges.has(host?.pieceId ?? '') ? [id] : []
    }),
  )
  const drives = new Set([
    ...ports.flatMap(({ driveId, cableId }) => (onUsb.has(cableId) ? [driveId] : [])),
    ...bridges,
  ])
  return design.pools.flatMap((pool): Finding[] => {
    const members = pool.groups.flatMap(({ driveIds }) => driveIds.filter((id) => drives.has(id)))
    if (members.length === 0) return []
    return [
      {
        code: 'usb-under-pool',
        severity: 'risks',
        step: 'paths',
        partIds: members,
        groupIds: pool.groups.map(({ id }) => id),
        sentence: `${format.counted(members.length, 'drive', 'drives')} of pool ${pool.name} ${members.length === 1 ? 'hangs' : 'hang'} on USB: a bridge that resets looks like failed drives, and many hide SMART values and the order of writes.`,
        numbers: { drives: members.length },
        houseRule:
          'Some run pools over USB for years at home; others keep every member on SATA, SAS or PCI Express, which is the rule here.',
      },
    ]
  })
}
