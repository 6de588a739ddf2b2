import { pieceOf } from '../../machine/machine'
import type { Rule } from '../../judging/rule'
import { fitFinding } from '../../judging/fitFinding'
import { notKnown } from '../../judging/notKnown'
import { sheetName } from '../../judging/sheetName'

/** The supply has another shape than the opening, or is longer than the room behind it. */
export const supplyDoesNotFit: Rule = ({ machine }, format) => {
  const chassis = pieceOf(machine, 'chassis')
  const supply = pieceOf(machine, 'supply')
  if (!chassis || !supply) return []
  const { supplyShapes, supplyMaxLengthMm } = chassis.dataSheet
  const { shape, lengthMm } = supply.dataSheet
  const parts = [chassis, supply]
  const base = { code: 'supply-does-not-fit', step: 'shell' } as const
  if (supplyShapes && shape && !supplyShapes.includes(shape)) {
    return [
      fitFinding({
        ...base,
        severity: 'blocks',
        parts,
        sentence: `${sheetName(chassis.dataSheet)} takes supplies of shape ${supplyShapes.join(' or ')}; ${sheetName(supply.dataSheet)} is ${shape}.`,
      }),
    ]
  }
  // A brick stands outside, so its length does not matter.
  if (shape === 'brick') return []
  if (supplyShapes && shape && supplyMaxLengthMm !== null && lengthMm !== null) {
    if (lengthMm <= supplyMaxLengthMm) return []
    return [
      fitFinding({
        ...base,
        severity: 'blocks',
        parts,
        sentence: `The supply is ${format.number(lengthMm)} mm long; there is room for ${format.number(supplyMaxLengthMm)} mm.`,
        numbers: { lengthMm, supplyMaxLengthMm },
      }),
    ]
  }
  const withoutValue = shape === null || lengthMm === null ? supply : chassis
  return [
    notKnown({
      ...base,
      partIds: parts.map(({ id }) => id),
      question: 'whether the supply fits',
      missing: `shape and length for ${sheetName(withoutValue.dataSheet)}`,
    }),
  ]
}
