import { fitFinding } from '../../judging/fitFinding'
import type { Finding } from '../../judging/finding'
import { notKnown } from '../../judging/notKnown'
import type { Rule } from '../../judging/rule'
import { sheetName } from '../../judging/sheetName'
import { cardsOf, slotNeedOf } from '../../machine/cards'
import { pieceOf } from '../../machine/machine'
import type { Piece } from '../../machine/piece'
import { cardLoads } from '../../paths/cardLoads'

const MB = 1_000_000

/** A card that moves less than what hangs on it, in the best slot that is left for it. */
export const cardThrottled: Rule = ({ machine }, format) => {
  const board = pieceOf(machine, 'board')
  const cards = cardsOf(machine).filter(({ dataSheet }) => slotNeedOf(dataSheet)?.moves)
  // That the slots are not known, or that there are too few, is said by the rule on slots.
  if (!board?.dataSheet.slots || cards.length === 0) return []
  const withoutValue = cards.filter(isNotKnown)
  const [first] = withoutValue
  const base = { code: 'card-throttled', step: 'paths' } as const
  if (first) {
    return [
      notKnown({
        ...base,
        partIds: withoutValue.map(({ id }) => id),
        question: 'whether its slot is wide enough for each card',
        missing: `the generation or the speed of ${sheetName(first.dataSheet)}`,
      }),
    ]
  }
  return cardLoads(machine).flatMap(({ pieceId, root, ...load }): Finding[] => {
    const card = cards.find(({ id }) => id === pieceId)
    const { bytesPerSecond, shortBytesPerSecond, needBytesPerSecond, lanes, pcieGeneration } = load
    if (!card || shortBytesPerSecond === 0) return []
    return [
      fitFinding({
        ...base,
        severity: 'risks',
        parts: [board, card],
        sentence: `${sheetName(card.dataSheet)} is throttled: slot ${root.number} gives it ×${lanes} of generation ${pcieGeneration}, ${format.number(bytesPerSecond / MB)} MB/s, and what hangs on it can move ${format.number(needBytesPerSecond / MB)}.`,
        numbers: { bytesPerSecond, needBytesPerSecond, lanes, pcieGeneration },
      }),
    ]
  })
}

function isNotKnown({ dataSheet }: Piece): boolean {
  const need = slotNeedOf(dataSheet)
  const moves = need?.moves
  const speedNotKnown = moves && 'network' in moves && moves.network.bitsPerSecond === null
  return need?.pcieGeneration === null || speedNotKnown === true
}
