import { type DataPlug, DRIVES_PER_DATA_PLUG } from '../../catalogue/plugs'
import type { DesignDocument } from '../../design/document'
import { fittedOfKind, fittedOne } from '../../design/fittedParts'
import { boardSataPorts } from '../../fit/m2Devices'
import { SATA_BYTES_PER_SECOND, sasBytesPerSecond, USB_BYTES_PER_SECOND } from '../linkRates'

/** Something that drives are attached to. */
export interface PortHost {
  /** That of the part; the USB ports of a board, which are a host of their own, end in `-usb`. */
  id: string
  partId: string
  name: string
  /** Null when its data sheet does not say. */
  plug: DataPlug | null
  takesSas: boolean
  /** What one lane moves, for each connector, bytes a second. Connectors are counted from 1. */
  laneRates: number[]
  /** Lanes of one connector. */
  lanes: number
  /** The controller that an expander hangs on. */
  behindId: string | null
}

/** USB ports of a board whose data sheet does not say. Common practice, no source. */
const USUAL_USB_PORTS = 2

/**
 * Everything in a design that has ports for drives, controllers before the board.
 *
 * An expander takes one connector of the SAS controller that has most of them. A boot device on SATA takes
 * the slowest port of the board that works.
 */
export function portHosts(document: DesignDocument): PortHost[] {
  const controllers = fittedOfKind(document, 'controller')
  const own = controllers
    .filter(({ sheet }) => sheet.manner !== 'expander')
    .map(({ part, sheet }): PortHost => {
      const lanes = sheet.portPlug === null ? 1 : DRIVES_PER_DATA_PLUG[sheet.portPlug]
      const takesSas = sheet.takesSas === true
      const rate = takesSas ? sasBytesPerSecond(sheet.portPlug) : sataRate(3)
      return {
        id: part.id,
        partId: part.id,
        name: sheet.model,
        plug: sheet.portPlug,
        takesSas,
        laneRates: Array<number>(Math.ceil(sheet.drivePorts / lanes)).fill(rate),
        lanes,
        behindId: null,
      }
    })
  const hosts = [...own]
  for (const { part, sheet } of controllers) {
    if (sheet.manner !== 'expander') continue
    const above = own
      .filter(({ takesSas, lanes }) => takesSas && lanes > 1)
      .sort((one, other) => other.laneRates.length - one.laneRates.length)[0]
    if (!above || above.laneRates.length === 0) continue
    above.laneRates.pop()
    const rate = Math.min(sasBytesPerSecond(sheet.portPlug), sasBytesPerSecond(above.plug))
    // One of its own connectors goes up to the controller.
    const connectors = Math.max(0, Math.floor(sheet.drivePorts / above.lanes) - 1)
    hosts.push({
      id: part.id,
      partId: part.id,
      name: sheet.model,
      plug: sheet.portPlug,
      takesSas: true,
      laneRates: Array<number>(connectors).fill(rate),
      lanes: above.lanes,
      behindId: above.id,
    })
  }
  return [...hosts, ...boardHosts(document)]
}

const sataRate = (generation: number): number => SATA_BYTES_PER_SECOND[generation] ?? 0

function boardHosts(document: DesignDocument): PortHost[] {
  const board = fittedOne(document, 'board')
  if (!board) return []
  const { part, sheet } = board
  const { working } = boardSataPorts(document)
  // Data sheets give how many ports go dead beside an M.2 device, not which; the last ones are taken.
  const rates = Array.from({ length: working }, (_, port) =>
    sataRate(sheet.sataGenerations?.[port] ?? 3),
  )
  const boots = fittedOfKind(document, 'boot').filter(({ sheet: boot }) => boot.attaches === 'SATA')
  for (let count = 0; count < boots.length && rates.length > 0; count += 1) {
    rates.splice(rates.lastIndexOf(Math.min(...rates)), 1)
  }
  const base = { partId: part.id, takesSas: false, lanes: 1, behindId: null }
  const usb = Array<number>(sheet.usbPorts ?? USUAL_USB_PORTS).fill(USB_BYTES_PER_SECOND)
  return [
    { ...base, id: part.id, name: 'the board', plug: 'SATA', laneRates: rates },
    {
      ...base,
      id: `${part.id}-usb`,
      name: 'USB of the board',
      plug: 'USB',
      laneRates: usb,
    },
  ]
}
