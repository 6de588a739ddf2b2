import { piecesOf, pieceOf } from '../../machine/machine'
import type { Rule } from '../../judging/rule'
import { fitFinding } from '../../judging/fitFinding'
import { notKnown } from '../../judging/notKnown'
import { sheetName } from '../../judging/sheetName'

/** A cage of bays wants wide openings, one over the other. */
export const cageDoesNotFit: Rule = ({ machine }, format) => {
  const chassis = pieceOf(machine, 'chassis')
  const cages = piecesOf(machine, 'cage')
  if (!chassis || cages.length === 0) return []
  const wanted = cages.reduce((sum, { dataSheet }) => sum + dataSheet.openings, 0)
  const base = { code: 'cage-does-not-fit', step: 'shell' } as const
  const parts = [chassis, ...cages]
  const openings = chassis.dataSheet.openings525
  if (openings === null) {
    return [
      notKnown({
        ...base,
        partIds: parts.map(({ id }) => id),
        question: 'whether the cage finds an opening',
        missing: `the 5.25" openings of ${sheetName(chassis.dataSheet)}`,
      }),
    ]
  }
  if (wanted <= openings.length) return []
  return [
    fitFinding({
      ...base,
      severity: 'blocks',
      parts,
      sentence: `${format.counted(cages.length, 'cage fills', 'cages fill')} ${format.counted(wanted, '5.25" opening')}; ${sheetName(chassis.dataSheet)} has ${openings.length === 0 ? 'none' : openings.length}.`,
      numbers: { wanted, openings: openings.length },
    }),
  ]
}
