import { fittedOfKind, fittedOne } from '../../design/fittedParts'
import type { Rule } from '../rule'
import { fitFinding } from '../fitFinding'
import { notKnown } from '../notKnown'
import { sheetName } from '../sheetName'

/** More fans than headers: the chassis's own, the cooler's, and those added. */
export const tooFewFanHeaders: Rule = (document, _figures, say) => {
  const chassis = fittedOne(document, 'chassis')
  const board = fittedOne(document, 'board')
  const cooler = fittedOne(document, 'cooler')
  const added = fittedOfKind(document, 'fan')
  const cages = fittedOfKind(document, 'cage')
  if (!chassis || !board) return []
  const { fanHeaders } = board.sheet
  const { fanCount } = chassis.sheet
  const parts = [board, chassis]
  const silentCage = cages.find(({ sheet }) => sheet.fanCount === null)
  if (fanHeaders === null || fanCount === null || silentCage) {
    return [
      notKnown({
        code: 'too-few-fan-headers',
        step: 'core',
        partIds: parts.map(({ part }) => part.id),
        question: 'whether every fan finds a header',
        missing: `the ${fanHeaders === null ? `fan headers of ${sheetName(board.sheet)}` : `number of fans in ${sheetName(silentCage?.sheet ?? chassis.sheet)}`}`,
      }),
    ]
  }
  const inCages = cages.reduce((sum, { sheet }) => sum + (sheet.fanCount ?? 0), 0)
  const fans = fanCount + inCages + added.length + (cooler ? 1 : 0)
  if (fans <= fanHeaders) return []
  return [
    fitFinding({
      code: 'too-few-fan-headers',
      severity: 'risks',
      step: 'core',
      parts: [...parts, ...added],
      sentence: `${say.counted(fans, 'fan')} for ${say.counted(fanHeaders, 'header')}: ${say.counted(fanCount + inCages, 'fan')} of the ${cages.length > 0 ? 'case and its cages' : 'chassis'}, ${cooler ? 'one on the cooler' : 'none on a cooler'}, ${added.length} added. A splitter or hub feeds the rest.`,
      numbers: { fans, fanHeaders },
    }),
  ]
}
