import { fittedOfKind, fittedOne } from '../../design/fittedParts'
import type { Rule } from '../rule'
import { fitFinding } from '../fitFinding'
import { notKnown } from '../notKnown'
import { sheetName } from '../sheetName'

/** A cage of bays wants wide openings, one over the other. */
export const cageDoesNotFit: Rule = (document, _figures, say) => {
  const chassis = fittedOne(document, 'chassis')
  const cages = fittedOfKind(document, 'cage')
  if (!chassis || cages.length === 0) return []
  const wanted = cages.reduce((sum, { sheet }) => sum + sheet.openings, 0)
  const base = { code: 'cage-does-not-fit', step: 'shell' } as const
  const parts = [chassis, ...cages]
  const openings = chassis.sheet.openings525
  if (openings === null) {
    return [
      notKnown({
        ...base,
        partIds: parts.map(({ part }) => part.id),
        question: 'whether the cage finds an opening',
        missing: `the 5.25" openings of ${sheetName(chassis.sheet)}`,
      }),
    ]
  }
  if (wanted <= openings.length) return []
  return [
    fitFinding({
      ...base,
      severity: 'blocks',
      parts,
      sentence: `${say.counted(cages.length, 'cage fills', 'cages fill')} ${say.counted(wanted, '5.25" opening')}; ${sheetName(chassis.sheet)} has ${openings.length === 0 ? 'none' : openings.length}.`,
      numbers: { wanted, openings: openings.length },
    }),
  ]
}
