import { fittedOne } from '../../design/fittedParts'
import { m2DevicesOf, placeInM2 } from '../../fit/m2Devices'
import type { Finding } from '../finding'
import type { Rule } from '../rule'
import { notKnown } from '../notKnown'
import { sheetName } from '../sheetName'

/** An M.2 device whose key or manner no free socket takes. */
export const m2NoSocket: Rule = (document, _figures, say) => {
  const board = fittedOne(document, 'board')
  const devices = m2DevicesOf(document)
  if (!board || devices.length === 0) return []
  const { m2Sockets } = board.sheet
  const base = { code: 'm2-no-socket', step: 'core' } as const
  const silent = devices.find(({ speaks, keys }) => speaks === null || keys === null)
  if (m2Sockets === null || silent) {
    return [
      notKnown({
        ...base,
        partIds: [board.part.id, ...devices.map(({ partId }) => partId)],
        question: 'whether every M.2 device finds a socket',
        missing: silent
          ? `the key of ${silent.name}`
          : `the M.2 sockets of ${sheetName(board.sheet)}`,
      }),
    ]
  }
  const { socketOf } = placeInM2(m2Sockets, devices)
  const kinds = m2Sockets.map(
    ({ key, carries }) => `key ${key} with ${carries === 'both' ? 'PCIe or SATA' : carries}`,
  )
  return devices.flatMap((device, index): Finding[] => {
    if (socketOf[index] !== null) return []
    return [
      {
        ...base,
        severity: 'blocks',
        partIds: [board.part.id, device.partId],
        groupIds: [],
        sentence: `${device.name} wants an M.2 socket of key ${(device.keys ?? []).join(' or ')} with ${device.speaks ?? ''}; ${kinds.length === 0 ? 'the board has none' : `of ${say.counted(kinds.length, 'socket')} (${kinds.join(', ')}) none is left for it`}.`,
        numbers: { sockets: kinds.length, devices: devices.length },
      },
    ]
  })
}
