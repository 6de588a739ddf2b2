import { fittedOfKind } from '../../design/fittedParts'
import type { Rule } from '../finding'

/** Drives that no port reaches, counting the board's own and every controller's. */
export const tooFewPorts: Rule = (document, { bays }, say) => {
  const boards = fittedOfKind(document, 'board')
  const drives = bays.bays.filter(({ drive }) => drive !== null).length
  if (boards.length === 0) return []
  const boardPorts = boards.reduce((sum, { sheet }) => sum + sheet.sataPorts, 0)
  const controllerPorts = fittedOfKind(document, 'controller').reduce(
    (sum, { sheet }) => sum + sheet.drivePorts,
    0,
  )
  const ports = boardPorts + controllerPorts
  if (drives <= ports) return []
  return [
    {
      code: 'too-few-ports',
      severity: 'blocks',
      step: 'drives',
      partIds: [],
      groupIds: [],
      sentence: `${drives} drives want a port and there are ${ports}: ${boardPorts} on the board, ${controllerPorts} on ${say.counted(fittedOfKind(document, 'controller').length, 'controller')}. The boot drive needs one more.`,
      numbers: { drives, boardPorts, controllerPorts },
    },
  ]
}
