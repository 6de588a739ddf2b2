import type { Design, FittedPart } from '../design/design'
import { type Machine, piecesOf } from '../machine/machine'
import { sheetName } from '../catalogue/sheetName'

/** What stands on one label: the large line first. */
export interface Label {
  title: string
  lines: string[]
}

/** As much of a serial number as is read at a glance, and tells drives of one house apart. */
const END_OF_SERIAL = 6

/** What of a drive's serial number is written on it; empty where nobody has noted any of it. */
export function endOfSerial(part: Pick<FittedPart, 'serial' | 'label'> | undefined): string {
  const { serial = '', label = '' } = part ?? {}
  return serial === '' ? label : serial.slice(-END_OF_SERIAL)
}

/**
 * Labels for the drives with their bays, for both ends of each data cable, and for the leads of the supply.
 *
 * A drive whose serial number is noted has its end on it; otherwise there is a line to write it on.
 *
 * For example "Bay 3", "Quillon Keep 12", "…81MD44"; "Cable 1", "Sixteen port 1", "to bays 1 to 4".
 */
export function labels({ fitted }: Pick<Design, 'fitted'>, machine: Machine): Label[] {
  const bayOf = new Map([...machine.driveIn].map(([bay, drive]) => [drive, bay]))
  const partOf = new Map(fitted.map((part) => [part.id, part]))
  const drives = piecesOf(machine, 'drive')
    .filter(({ id }) => !machine.awayIds.includes(id))
    .map(({ id, dataSheet }) => {
      const bay = machine.bayById.get(bayOf.get(id) ?? '')
      const end = endOfSerial(partOf.get(id))
      return {
        order: bay?.number ?? Infinity,
        label: {
          title: bay ? `Bay ${bay.number}` : 'No bay',
          lines: [sheetName(dataSheet), end === '' ? 'Serial: ____________' : `…${end}`],
        },
      }
    })
    .sort((one, other) => one.order - other.order)
    .map((one) => one.label)
  const cables = machine.cables.lines.flatMap(({ cable, host }, index) => {
    const label = {
      title: `Cable ${index + 1}`,
      lines: [
        `${host.name} port ${cable.connectors.join(', ')}`,
        `to ${cable.ends.map(({ name }) => name).join('; ')}`,
      ],
    }
    // One for each end.
    return [label, label]
  })
  const { power } = machine.wiring
  const leads = (power?.leads ?? []).flatMap(({ lead }) => {
    const ends = (power?.feeds ?? [])
      .filter(({ leadKey }) => leadKey === lead.key)
      .map(({ end }) => end.name)
    return ends.length === 0 ? [] : [{ title: lead.name, lines: [`feeds ${ends.join('; ')}`] }]
  })
  return [...drives, ...cables, ...leads]
}
