import { fittedOne } from '../../design/fittedParts'
import { cardsOf } from '../../fit/cards'
import { cardLoads } from '../../paths/cardLoads'
import { fitFinding } from '../fitFinding'
import type { Finding } from '../finding'
import { notKnown } from '../notKnown'
import type { Rule } from '../rule'
import { sheetName } from '../sheetName'

const MB = 1_000_000

/** A card that moves less than what hangs on it, in the best slot that is left for it. */
export const cardThrottled: Rule = (document, { bays }, say) => {
  const board = fittedOne(document, 'board')
  const cards = cardsOf(document).filter(({ sheet }) => sheet.kind !== 'display')
  // That the slots are not known, or that there are too few, is said by the rule on slots.
  if (!board?.sheet.slots || cards.length === 0) return []
  const silent = cards.filter(
    ({ sheet }) =>
      sheet.pcieGeneration === null || (sheet.kind === 'nic' && sheet.bitsPerSecond === null),
  )
  const [first] = silent
  const base = { code: 'card-throttled', step: 'paths' } as const
  if (first) {
    return [
      notKnown({
        ...base,
        partIds: silent.map(({ part }) => part.id),
        question: 'whether its slot is wide enough for each card',
        missing: `the generation or the speed of ${sheetName(first.sheet)}`,
      }),
    ]
  }
  return cardLoads(document, bays).flatMap(
    ({ cardId, slot, bytesPerSecond, ...rest }): Finding[] => {
      const card = cards.find(({ part }) => part.id === cardId)
      const { shortBytesPerSecond, needBytesPerSecond, lanes, pcieGeneration } = rest
      if (!card || shortBytesPerSecond === 0) return []
      return [
        fitFinding({
          ...base,
          severity: 'risks',
          parts: [board, card],
          sentence: `${sheetName(card.sheet)} is throttled: slot ${slot + 1} gives it ×${lanes} of generation ${pcieGeneration}, ${say.number(bytesPerSecond / MB)} MB/s, and what hangs on it can move ${say.number(needBytesPerSecond / MB)}.`,
          numbers: { bytesPerSecond, needBytesPerSecond, lanes, pcieGeneration },
        }),
      ]
    },
  )
}
