import { OUTSIDE_PLUGS } from '../../catalogue/plugs'
import { notKnown } from '../../judging/notKnown'
import type { Rule } from '../../judging/rule'
import { type Machine, pieceOf, piecesOf } from '../../machine/machine'
import { unreachedDrives } from './unreachedDrives'

/** Drives and boot devices that no port is left for: the board's own, less what M.2 turns off, and every controller's. */
export const tooFewPorts: Rule = ({ machine }, format) => {
  const board = pieceOf(machine, 'board')
  if (!board) return []
  const { noPort } = unreachedDrives(machine)
  const { unreachedPieceIds, free, hosts } = machine.wiring.data
  const boots = piecesOf(machine, 'boot')
  const onSata = boots.filter(({ dataSheet }) => dataSheet.attaches === 'SATA')
  const base = { code: 'too-few-ports', step: 'drives' } as const
  if (noPort.length === 0 && unreachedPieceIds.length === 0) {
    const withoutValue = boots.filter(({ dataSheet }) => dataSheet.attaches === null)
    const sataLeft = free
      .filter(({ hostId }) => {
        const host = hosts.find(({ id }) => id === hostId)
        return host?.plug !== 'USB'
      })
      .reduce((sum, { connectors }) => sum + connectors.length, 0)
    if (withoutValue.length <= sataLeft) return []
    return [
      notKnown({
        ...base,
        partIds: withoutValue.map(({ id }) => id),
        question: 'whether a port is left for the boot device',
        missing: 'what it is attached to',
      }),
    ]
  }
  const drives = machine.driveIn.size - drivesOutside(machine)
  const { boardPorts, controllerPorts } = portCounts(machine, board.id)
  const ports = boardPorts + controllerPorts
  const wanting = format.counted(drives, 'drive')
  const silenced = machine.placement.silencedSataPorts
  const dead = silenced > 0 ? ` (${silenced} more are off while an M.2 socket is used)` : ''
  const next = boots.length === 0 ? ' A boot drive on SATA needs one more.' : ''
  return [
    {
      ...base,
      severity: 'blocks',
      partIds: [...noPort.map(({ id }) => id), ...unreachedPieceIds],
      groupIds: [],
      sentence: `${onSata.length > 0 ? `${wanting} and the boot drive` : wanting} want a port and there are ${ports}: ${boardPorts} on the board${dead}, ${controllerPorts} on ${format.counted(piecesOf(machine, 'controller').length, 'controller')}.${next}`,
      numbers: { drives, boot: onSata.length, boardPorts, controllerPorts, silenced },
    },
  ]
}

function drivesOutside({ blocks, driveIn }: Machine): number {
  return blocks
    .filter(({ isOutside }) => isOutside)
    .flatMap(({ bayIds }) => bayIds.filter((id) => driveIn.has(id))).length
}

/** Drives that can be attached directly inside the machine, on the board and on cards. */
function portCounts(
  { wiring }: Machine,
  boardId: string,
): { boardPorts: number; controllerPorts: number } {
  const inside = wiring.data.hosts.filter(
    ({ plug }) => plug === null || !OUTSIDE_PLUGS.includes(plug),
  )
  const count = (isOfBoard: boolean): number =>
    inside
      .filter(({ pieceId }) => (pieceId === boardId) === isOfBoard)
      .reduce((sum, { laneRates, lanes }) => sum + laneRates.length * lanes, 0)
  return { boardPorts: count(true), controllerPorts: count(false) }
}
