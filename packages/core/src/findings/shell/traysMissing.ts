import { fittedOne } from '../../design/fittedParts'
import type { Rule } from '../rule'
import { fitFinding } from '../fitFinding'
import { notKnown } from '../notKnown'
import { sheetName } from '../sheetName'

/** Trays, rails or screws that do not come with the case and are easily forgotten. */
export const traysMissing: Rule = (document, { bays }, say) => {
  const chassis = fittedOne(document, 'chassis')
  if (!chassis) return []
  const drives = bays.bays.filter(({ drive }) => drive !== null).length
  const racked = fittedOne(document, 'place')?.sheet.form === 'rack'
  const silent = [
    ...(chassis.sheet.driveTrays === null && drives > 0 ? ['trays and screws'] : []),
    ...(chassis.sheet.rails === null && racked ? ['rails'] : []),
  ]
  const open =
    silent.length === 0
      ? []
      : [
          notKnown({
            code: 'sold-apart',
            step: 'shell',
            partIds: [chassis.part.id],
            question: `whether ${silent.join(' and ')} are in the box`,
            missing: `that for ${sheetName(chassis.sheet)}`,
          }),
        ]
  const apart = [
    ...(chassis.sheet.driveTrays === 'sold apart' && drives > 0
      ? [`trays and screws for ${say.counted(drives, 'drive')}`]
      : []),
    ...(chassis.sheet.rails === 'sold apart' && racked ? ['the rails for the rack'] : []),
  ]
  if (apart.length === 0) return open
  return [
    ...open,
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
