import { fittedOfKind } from '../../design/fittedParts'
import type { Rule } from '../rule'
import { fitFinding } from '../fitFinding'
import { notKnown } from '../notKnown'

/** SAS drives work on SAS controllers only; the plug does not even go into a SATA port. */
export const sasOnSata: Rule = (document, _figures, say) => {
  const sas = fittedOfKind(document, 'drive').filter(
    ({ part, sheet }) => part.bay !== null && sheet.plug === 'SAS',
  )
  if (sas.length === 0) return []
  const cards = fittedOfKind(document, 'controller')
  const ports = cards
    .filter(({ sheet }) => sheet.takesSas === true)
    .reduce((sum, { sheet }) => sum + sheet.drivePorts, 0)
  if (sas.length <= ports) return []
  const silent = cards.filter(({ sheet }) => sheet.takesSas === null)
  const base = { code: 'sas-on-sata', step: 'drives' } as const
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
