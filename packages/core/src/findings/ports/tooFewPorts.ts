import { OUTSIDE_PLUGS } from '../../catalogue/plugs'
import { unreachedDrives } from './unreachedDrives'
import { found, lack } from '../../judging/finding'
import { missingOf } from '../../judging/missing'
import type { Rule } from '../../judging/rule'
import { drivesOutside } from '../../machine/drivesOutside'
import { type Machine, pieceOf, piecesOf } from '../../machine/machine'

interface Facts {
  drives: number
  boot: number
  boardPorts: number
  controllerPorts: number
  controllers: number
  /** Ports of the board that an M.2 device turns off. */
  silenced: number
  hasBoot: boolean
}

/** Drives and boot devices that no port is left for: the board's own, less what M.2 turns off, and every controller's. */
export const tooFewPorts: Rule<'too-few-ports', Facts> = {
  code: 'too-few-ports',
  step: 'drives',
  find: ({ machine }) => {
    const board = pieceOf(machine, 'board')
    if (!board) return []
    const { noPort } = unreachedDrives(machine)
    const { unreachedPieceIds, free, hosts } = machine.wiring.data
    const boots = piecesOf(machine, 'boot')
    if (noPort.length === 0 && unreachedPieceIds.length === 0) {
      const without = boots.filter(({ dataSheet }) => dataSheet.attaches === null)
      const usb = new Set(hosts.flatMap(({ id, plug }) => (plug === 'USB' ? [id] : [])))
      const sataLeft = free
        .filter(({ hostId }) => !usb.has(hostId))
        .reduce((sum, { connectors }) => sum + connectors.length, 0)
      if (without.length <= sataLeft) return []
      const missing = without.flatMap((boot) => missingOf(boot, 'attaches'))
      return [lack(missing, { parts: without })]
    }
    const facts = {
      drives: machine.driveIn.size - drivesOutside(machine).size,
      boot: boots.filter(({ dataSheet }) => dataSheet.attaches === 'SATA').length,
      ...portCounts(machine, board.id),
      controllers: piecesOf(machine, 'controller').length,
      silenced: machine.placement.silencedSataPorts,
      hasBoot: boots.length > 0,
    }
    return [found('blocks', { parts: noPort, partIds: unreachedPieceIds }, facts)]
  },
  sentence: (facts, { format }) => {
    const { drives, boot, boardPorts, controllerPorts, controllers, silenced, hasBoot } = facts
    const wanting = format.counted(drives, 'drive')
    const all = boot > 0 ? `${wanting} and ${format.counted(boot, 'boot drive')}` : wanting
    const dead = silenced > 0 ? ` (${silenced} more are off while an M.2 socket is used)` : ''
    const next = hasBoot ? '' : ' A boot drive on SATA needs one more.'
    return `${all} ${drives + boot === 1 ? 'wants a port' : 'want a port each'} and there ${boardPorts + controllerPorts === 1 ? 'is' : 'are'} ${boardPorts + controllerPorts}: ${boardPorts} on the board${dead}, ${controllerPorts} on ${format.counted(controllers, 'controller')}.${next}`
  },
  question: 'whether a port is left for the boot device',
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
