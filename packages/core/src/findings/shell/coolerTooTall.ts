import { fittedOne } from '../../design/fittedParts'
import { coolerClearance } from '../../fit/coolerClearance'
import type { Rule } from '../rule'
import { fitFinding } from '../fitFinding'
import { notKnown } from '../notKnown'
import { sheetName } from '../sheetName'

/** The cooler touches the cover, a fan under it, or a supply over the board. */
export const coolerTooTall: Rule = (document, _figures, say) => {
  const chassis = fittedOne(document, 'chassis')
  const cooler = fittedOne(document, 'cooler')
  if (!chassis || !cooler) return []
  const clearance = coolerClearance(chassis.sheet)
  const { heightMm } = cooler.sheet
  const parts = [chassis, cooler]
  if (clearance === null || heightMm === null) {
    return [
      notKnown({
        code: 'cooler-too-tall',
        step: 'shell',
        partIds: parts.map(({ part }) => part.id),
        question: 'whether the cooler fits under the cover',
        missing:
          heightMm === null
            ? `the height of ${sheetName(cooler.sheet)}`
            : `the room over the board in ${sheetName(chassis.sheet)}`,
      }),
    ]
  }
  if (heightMm <= clearance.clearanceMm) return []
  return [
    fitFinding({
      code: 'cooler-too-tall',
      severity: 'blocks',
      step: 'shell',
      parts,
      sentence: `The cooler is ${say.number(heightMm)} mm tall and touches ${clearance.obstacle}, ${say.number(clearance.clearanceMm)} mm over the board.`,
      numbers: { heightMm, clearanceMm: clearance.clearanceMm },
    }),
  ]
}
