import { pieceOf } from '../../machine/machine'
import { coolerClearance } from '../../fit/coolerClearance'
import type { Rule } from '../../judging/rule'
import { fitFinding } from '../../judging/fitFinding'
import { notKnown } from '../../judging/notKnown'
import { sheetName } from '../../judging/sheetName'

/** The cooler touches the cover, a fan under it, or a supply over the board. */
export const coolerTooTall: Rule = ({ machine }, format) => {
  const chassis = pieceOf(machine, 'chassis')
  const cooler = pieceOf(machine, 'cooler')
  if (!chassis || !cooler) return []
  const clearance = coolerClearance(chassis.dataSheet)
  const { heightMm } = cooler.dataSheet
  const parts = [chassis, cooler]
  if (clearance === null || heightMm === null) {
    return [
      notKnown({
        code: 'cooler-too-tall',
        step: 'shell',
        partIds: parts.map(({ id }) => id),
        question: 'whether the cooler fits under the cover',
        missing:
          heightMm === null
            ? `the height of ${sheetName(cooler.dataSheet)}`
            : `the room over the board in ${sheetName(chassis.dataSheet)}`,
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
      sentence: `The cooler is ${format.number(heightMm)} mm tall and touches ${clearance.obstacle}, ${format.number(clearance.clearanceMm)} mm over the board.`,
      numbers: { heightMm, clearanceMm: clearance.clearanceMm },
    }),
  ]
}
