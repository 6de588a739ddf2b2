import { fitFinding } from '../../judging/fitFinding'
import { notKnown } from '../../judging/notKnown'
import type { Rule } from '../../judging/rule'
import { sheetName } from '../../judging/sheetName'
import { piecesOf } from '../../machine/machine'
import { unreachedDrives } from './unreachedDrives'

/** Drives that no cable reaches although there are ports: no plug of theirs fits, or one is inside and one outside. */
export const noCableReaches: Rule = ({ machine }, format) => {
  const base = { code: 'no-cable-reaches', step: 'paths' } as const
  const [enclosure] = piecesOf(machine, 'enclosure').filter(
    ({ dataSheet }) => dataSheet.hostPlug === null,
  )
  const inside = machine.blocks
    .filter(({ pieceId }) => pieceId === enclosure?.id)
    .flatMap(({ bayIds }) => bayIds.filter((id) => machine.driveIn.has(id)))
  if (enclosure && inside.length > 0) {
    return [
      notKnown({
        ...base,
        partIds: [enclosure.id],
        question: `whether a cable reaches ${format.counted(inside.length, 'drive')}`,
        missing: `the plug of ${sheetName(enclosure.dataSheet)}`,
      }),
    ]
  }
  const { noCable } = unreachedDrives(machine)
  if (noCable.length === 0) return []
  const [withoutPlug] = piecesOf(machine, 'controller').filter(
    ({ dataSheet }) => dataSheet.portPlug === null && dataSheet.drivePorts > 0,
  )
  const drives = format.counted(noCable.length, 'drive')
  if (withoutPlug) {
    return [
      notKnown({
        ...base,
        partIds: noCable.map(({ id }) => id),
        question: `whether a cable reaches ${drives}`,
        missing: `the plug of the ports of ${sheetName(withoutPlug.dataSheet)}`,
      }),
    ]
  }
  const { free, hosts } = machine.wiring.data
  const left = free
    .map(({ hostId, connectors }) => {
      const name = hosts.find(({ id }) => id === hostId)?.name ?? ''
      return `${connectors.length} on ${name}`
    })
    .join(', ')
  return [
    fitFinding({
      ...base,
      severity: 'blocks',
      parts: noCable,
      sentence: `No cable reaches ${drives}: ${left ? `ports are left (${left}), but none takes a cable to them` : 'no port is left'}.`,
      numbers: { unreached: noCable.length },
    }),
  ]
}
