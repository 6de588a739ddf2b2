import { fittedOfKind } from '../../design/fittedParts'
import { drivePorts } from '../../fit/drivePorts'
import { notKnown } from '../notKnown'
import type { Rule } from '../rule'

/** Drives that no port reaches: the board's own, less what M.2 turns off, every controller's, the boot drive. */
export const tooFewPorts: Rule = (document, { bays }, say) => {
  const boards = fittedOfKind(document, 'board')
  if (boards.length === 0) return []
  const drives = bays.bays.filter(
    ({ bay, drive }) => drive !== null && bay.enclosureIndex === null,
  ).length
  const { board, silenced, controllers, boot } = drivePorts(document)
  const ports = board + controllers
  const silent = fittedOfKind(document, 'boot').filter(({ sheet }) => sheet.attaches === null)
  if (drives + boot <= ports) {
    if (silent.length === 0 || drives + boot + silent.length <= ports) return []
    return [
      notKnown({
        code: 'too-few-ports',
        step: 'drives',
        partIds: silent.map(({ part }) => part.id),
        question: 'whether a port is left for the boot device',
        missing: 'what it is attached to',
      }),
    ]
  }
  const wanting =
    boot > 0 ? `${say.counted(drives, 'drive')} and the boot drive` : say.counted(drives, 'drive')
  const cards = fittedOfKind(document, 'controller').length
  const dead = silenced > 0 ? ` (${silenced} more are off while an M.2 socket is used)` : ''
  const next = boot === 0 ? ' A boot drive on SATA needs one more.' : ''
  return [
    {
      code: 'too-few-ports',
      severity: 'blocks',
      step: 'drives',
      partIds: [],
      groupIds: [],
      sentence: `${wanting} want a port and there are ${ports}: ${board} on the board${dead}, ${controllers} on ${say.counted(cards, 'controller')}.${next}`,
      numbers: { drives, boot, boardPorts: board, controllerPorts: controllers, silenced },
    },
  ]
}
