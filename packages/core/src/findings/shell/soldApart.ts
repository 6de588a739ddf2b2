import { pieceOf } from '../../machine/machine'
import type { Rule } from '../../judging/rule'
import { fitFinding } from '../../judging/fitFinding'
import { notKnown } from '../../judging/notKnown'
import { sheetName } from '../../judging/sheetName'

/** Trays, rails or screws that do not come with the case and are easily forgotten. */
export const soldApart: Rule = ({ machine, bays }, format) => {
  const chassis = pieceOf(machine, 'chassis')
  if (!chassis) return []
  const drives = bays.bays.filter(({ drive }) => drive !== null).length
  const racked = pieceOf(machine, 'place')?.dataSheet.form === 'rack'
  const withoutValue = [
    ...(chassis.dataSheet.driveTrays === null && drives > 0 ? ['trays and screws'] : []),
    ...(chassis.dataSheet.rails === null && racked ? ['rails'] : []),
  ]
  const open =
    withoutValue.length === 0
      ? []
      : [
          notKnown({
            code: 'sold-apart',
            step: 'shell',
            partIds: [chassis.id],
            question: `whether ${withoutValue.join(' and ')} are in the box`,
            missing: `that for ${sheetName(chassis.dataSheet)}`,
          }),
        ]
  const apart = [
    ...(chassis.dataSheet.driveTrays === 'sold apart' && drives > 0
      ? [`trays and screws for ${format.counted(drives, 'drive')}`]
      : []),
    ...(chassis.dataSheet.rails === 'sold apart' && racked ? ['the rails for the rack'] : []),
  ]
  if (apart.length === 0) return open
  return [
    ...open,
    fitFinding({
      code: 'sold-apart',
      severity: 'note',
      step: 'shell',
      parts: [chassis],
      sentence: `Not in the box of ${sheetName(chassis.dataSheet)}: ${apart.join(' and ')}. They are not in the sum.`,
      numbers: { drives },
    }),
  ]
}
