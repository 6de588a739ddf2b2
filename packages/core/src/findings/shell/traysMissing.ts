import { fittedOne } from '../../design/fittedParts'
import type { Rule } from '../finding'
import { fitFinding } from '../fitFinding'
import { sheetName } from '../sheetName'

/** Trays, rails or screws that do not come with the case and are easily forgotten. */
export const traysMissing: Rule = (document, { bays }, say) => {
  const chassis = fittedOne(document, 'chassis')
  if (!chassis) return []
  const drives = bays.bays.filter(({ drive }) => drive !== null).length
  const apart = [
    ...(chassis.sheet.driveTrays === 'sold apart' && drives > 0
      ? [`trays and screws for ${say.counted(drives, 'drive')}`]
      : []),
    ...(chassis.sheet.rails === 'sold apart' && fittedOne(document, 'place')?.sheet.form === 'rack'
      ? ['the rails for the rack']
      : []),
  ]
  if (apart.length === 0) return []
  return [
    fitFinding({
      code: 'sold-apart',
      severity: 'note',
      step: 'shell',
      parts: [chassis],
      sentence: `Not in the box of ${sheetName(chassis.sheet)}: ${apart.join(' and ')}. They are not in the sum.`,
      numbers: { drives },
    }),
  ]
}
