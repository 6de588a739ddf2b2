import { fitFinding } from '../../judging/fitFinding'
import { notKnown } from '../../judging/notKnown'
import type { Rule } from '../../judging/rule'
import { piecesOf } from '../../machine/machine'
import { unreachedDrives } from './unreachedDrives'

/** SAS drives work on SAS controllers only; the plug does not even go into a SATA port. */
export const sasOnSata: Rule = ({ machine }, format) => {
  const inBays = new Set(machine.driveIn.values())
  const drives = piecesOf(machine, 'drive').filter(({ id }) => inBays.has(id))
  const { sas } = unreachedDrives(machine)
  const cards = piecesOf(machine, 'controller')
  const sasPorts = machine.wiring.data.hosts
    .filter(({ takesSas }) => takesSas)
    .reduce((sum, { laneRates, lanes }) => sum + laneRates.length * lanes, 0)
  const base = { code: 'sas-on-sata', step: 'drives' } as const
  if (sas.length === 0) {
    const withoutValue = drives.filter(({ dataSheet }) => dataSheet.plug === null)
    const sasDrives = drives.filter(({ dataSheet }) => dataSheet.plug === 'SAS').length
    if (withoutValue.length === 0 || sasDrives + withoutValue.length <= sasPorts) return []
    return [
      notKnown({
        ...base,
        partIds: withoutValue.map(({ id }) => id),
        question: `whether ${format.counted(withoutValue.length, 'drive goes', 'drives go')} into a SATA port`,
        missing: 'the plug of every drive',
      }),
    ]
  }
  const withoutValue = cards.filter(({ dataSheet }) => dataSheet.takesSas === null)
  if (withoutValue.length > 0) {
    return [
      notKnown({
        ...base,
        partIds: withoutValue.map(({ id }) => id),
        question: `whether ${format.counted(sas.length, 'SAS drive')} can be attached`,
        missing: 'what the controllers take',
      }),
    ]
  }
  const all = drives.filter(({ dataSheet }) => dataSheet.plug === 'SAS')
  return [
    fitFinding({
      ...base,
      severity: 'blocks',
      parts: sas,
      sentence: `${format.counted(all.length, 'SAS drive')} for ${format.counted(sasPorts, 'SAS port')}: a SAS drive's plug is bridged and does not go into a SATA port.`,
      numbers: { sasDrives: all.length, sasPorts },
    }),
  ]
}
