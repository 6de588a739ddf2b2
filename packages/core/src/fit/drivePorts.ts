import { OUTSIDE_PLUGS } from '../catalogue/plugs'
import type { DesignDocument } from '../design/document'
import { fittedOfKind } from '../design/fittedParts'
import { boardSataPorts } from './m2Devices'

/** Lanes of a controller that one link to an expander takes. Common practice, no source. */
const EXPANDER_LINK_LANES = 4

export interface DrivePorts {
  /** SATA ports of the board that work. */
  board: number
  /** Of those it has, the ones that an M.2 device turns off. */
  silenced: number
  /** Ports on controllers, with what expanders add to them; not those for enclosures. */
  controllers: number
  /** Boot devices that want a SATA port. */
  boot: number
}

/** How many drives can be attached, and what else wants a port? */
export function drivePorts(document: DesignDocument): DrivePorts {
  const { working, silenced } = boardSataPorts(document)
  const cards = fittedOfKind(document, 'controller').map(({ sheet }) => sheet)
  const own = cards.filter(
    ({ manner, portPlug }) =>
      manner !== 'expander' && (portPlug === null || !OUTSIDE_PLUGS.includes(portPlug)),
  )
  const expanders = cards.filter(({ manner }) => manner === 'expander')
  const ownPorts = own.reduce((sum, card) => sum + card.drivePorts, 0)
  // An expander is nothing without a SAS controller, and takes one link of it.
  const linked = own.some(({ takesSas }) => takesSas === true) ? expanders : []
  const added = linked.reduce((sum, card) => sum + card.drivePorts - EXPANDER_LINK_LANES, 0)
  return {
    board: working,
    silenced,
    controllers: ownPorts + added,
    boot: fittedOfKind(document, 'boot').filter(({ sheet }) => sheet.attaches === 'SATA').length,
  }
}
