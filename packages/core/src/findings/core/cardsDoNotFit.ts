import { fittedOne } from '../../design/fittedParts'
import { cardsOf } from '../../fit/cards'
import { slotsForCards } from '../../fit/slotsForCards'
import type { Finding, Rule } from '../finding'
import { fitFinding } from '../fitFinding'
import { notKnown } from '../notKnown'
import { sheetName } from '../sheetName'

/** Cards too long, with the wrong bracket, or without a slot their edge goes into. */
export const cardsDoNotFit: Rule = (document, _figures, say) => {
  const chassis = fittedOne(document, 'chassis')
  const board = fittedOne(document, 'board')
  const cards = cardsOf(document)
  const findings: Finding[] = []
  for (const card of cards) {
    const { lengthMm, bracket } = card.sheet
    const name = sheetName(card.sheet)
    if (!chassis) continue
    const { cardMaxLengthMm, cardHeight } = chassis.sheet
    const parts = [chassis, card]
    if (cardHeight === 'half' && bracket === 'full') {
      findings.push(
        fitFinding({
          code: 'card-bracket',
          severity: 'blocks',
          step: 'core',
          parts,
          sentence: `${name} has a full-height bracket; ${sheetName(chassis.sheet)} has half-height openings.`,
        }),
      )
    }
    if (cardHeight === 'full' && bracket === 'half') {
      findings.push(
        fitFinding({
          code: 'card-bracket',
          severity: 'risks',
          step: 'core',
          parts,
          sentence: `${name} comes with a half-height bracket only; it cannot be screwed to a full-height opening.`,
        }),
      )
    }
    if (lengthMm !== null && cardMaxLengthMm !== null) {
      if (lengthMm <= cardMaxLengthMm) continue
      findings.push(
        fitFinding({
          code: 'card-too-long',
          severity: 'blocks',
          step: 'core',
          parts,
          sentence: `${name} is ${say.number(lengthMm)} mm long; there is room for ${say.number(cardMaxLengthMm)} mm.`,
          numbers: { lengthMm, cardMaxLengthMm },
        }),
      )
    } else {
      findings.push(
        notKnown({
          code: 'card-too-long',
          step: 'core',
          partIds: parts.map(({ part }) => part.id),
          question: `whether ${name} is too long`,
          missing:
            lengthMm === null ? 'its length' : `the room for cards in ${sheetName(chassis.sheet)}`,
        }),
      )
    }
  }
  if (!board || cards.length === 0) return findings
  if (board.sheet.slots === null || cards.some(({ sheet }) => sheet.lanes === null)) {
    findings.push(
      notKnown({
        code: 'no-slot-for-card',
        step: 'core',
        partIds: [board.part.id, ...cards.map(({ part }) => part.id)],
        question: 'whether every card finds a slot',
        missing:
          board.sheet.slots === null
            ? `the slots of ${sheetName(board.sheet)}`
            : 'the lanes of every card',
      }),
    )
    return findings
  }
  const left = slotsForCards(
    board.sheet.slots,
    cards.map(({ sheet }) => sheet.lanes ?? 16),
  )
  const homeless = cards.filter((_, index) => left.includes(index))
  if (homeless.length > 0) {
    findings.push(
      fitFinding({
        code: 'no-slot-for-card',
        severity: 'blocks',
        step: 'core',
        parts: [board, ...homeless],
        sentence: `No slot is left for ${homeless.map(({ sheet }) => sheetName(sheet)).join(' and ')}: ${say.counted(board.sheet.slots.length, 'slot')}, ${say.counted(cards.length, 'card')}, and a closed slot takes no longer edge than its own.`,
        numbers: { slots: board.sheet.slots.length, cards: cards.length },
      }),
    )
  }
  return findings
}
