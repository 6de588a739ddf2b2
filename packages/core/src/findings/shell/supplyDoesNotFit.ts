import { fittedOne } from '../../design/fittedParts'
import type { Rule } from '../rule'
import { fitFinding } from '../fitFinding'
import { notKnown } from '../notKnown'
import { sheetName } from '../sheetName'

/** The supply has another shape than the opening, or is longer than the room behind it. */
export const supplyDoesNotFit: Rule = (document, _figures, say) => {
  const chassis = fittedOne(document, 'chassis')
  const supply = fittedOne(document, 'supply')
  if (!chassis || !supply) return []
  const { supplyShapes, supplyMaxLengthMm } = chassis.sheet
  const { shape, lengthMm } = supply.sheet
  const parts = [chassis, supply]
  const base = { code: 'supply-does-not-fit', step: 'shell' } as const
  if (supplyShapes && shape && !supplyShapes.includes(shape)) {
    return [
      fitFinding({
        ...base,
        severity: 'blocks',
        parts,
        sentence: `${sheetName(chassis.sheet)} takes supplies of shape ${supplyShapes.join(' or ')}; ${sheetName(supply.sheet)} is ${shape}.`,
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
        sentence: `The supply is ${say.number(lengthMm)} mm long; there is room for ${say.number(supplyMaxLengthMm)} mm.`,
        numbers: { lengthMm, supplyMaxLengthMm },
      }),
    ]
  }
  const silent = shape === null || lengthMm === null ? supply : chassis
  return [
    notKnown({
      ...base,
      partIds: parts.map(({ part }) => part.id),
      question: 'whether the supply fits',
      missing: `shape and length for ${sheetName(silent.sheet)}`,
    }),
  ]
}
