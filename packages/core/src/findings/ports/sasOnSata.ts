import { fittedOfKind } from '../../design/fittedParts'
import type { Rule } from '../rule'
import { fitFinding } from '../fitFinding'
import { notKnown } from '../notKnown'

/** SAS drives work on SAS controllers only; the plug does not even go into a SATA port. */
export const sasOnSata: Rule = (document, _figures, say) => {
  const inBays = fittedOfKind(document, 'drive').filter(({ part }) => part.bay !== null)
  const sas = inBays.filter(({ sheet }) => sheet.plug === 'SAS')
  const plugless = inBays.filter(({ sheet }) => sheet.plug === null)
  const cards = fittedOfKind(document, 'controller')
  const ports = cards
    .filter(({ sheet }) => sheet.takesSas === true)
    .reduce((sum, { sheet }) => sum + sheet.drivePorts, 0)
  const base = { code: 'sas-on-sata', step: 'drives' } as const
  if (sas.length <= ports) {
    if (sas.length + plugless.length <= ports || plugless.length === 0) return []
    return [
      notKnown({
        ...base,
        partIds: plugless.map(({ part }) => part.id),
        question: `whether ${say.counted(plugless.length, 'drive goes', 'drives go')} into a SATA port`,
        missing: 'the plug of every drive',
      }),
    ]
  }
  const silent = cards.filter(({ sheet }) => sheet.takesSas === null)
  if (silent.length > 0) {
    return [
      notKnown({
        ...base,
        partIds: silent.map(({ part }) => part.id),
        question: `whether ${say.counted(sas.length, 'SAS drive')} can be attached`,
        missing: 'what the controllers take',
      }),
    ]
  }
  return [
    fitFinding({
      ...base,
      severity: 'blocks',
      parts: sas,
      sentence: `${say.counted(sas.length, 'SAS drive')} for ${say.counted(ports, 'SAS port')}: a SAS drive's plug is bridged and does not go into a SATA port.`,
      numbers: { sasDrives: sas.length, sasPorts: ports },
    }),
  ]
}
