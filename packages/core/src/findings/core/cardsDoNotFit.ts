import { fittedOfKind, fittedOne, type FittedWithSheet } from '../../design/fittedParts'
import { cardsOf } from '../../fit/cards'
import { slotsForCards } from '../../fit/slotsForCards'
import type { Speller } from '../../units/speller'
import type { Finding } from '../finding'
import type { Rule } from '../rule'
import { fitFinding } from '../fitFinding'
import { notKnown } from '../notKnown'
import { sheetName } from '../sheetName'

/** Cards too long, with the wrong bracket, or without a slot their edge goes into. */
export const cardsDoNotFit: Rule = (document, _figures, say) => {
  const chassis = fittedOne(document, 'chassis')
  const board = fittedOne(document, 'board')
  const cards = cardsOf(document)
  const risers = fittedOfKind(document, 'riser')
  // Each slot of a riser that lies flat takes one full-height card into a low case.
  let flatPlaces = risers.reduce(
    (sum, { sheet }) => sum + (sheet.liesFlat === true ? (sheet.gives?.length ?? 0) : 0),
    0,
  )
  const findings: Finding[] = []
  for (const card of cards) {
    const { lengthMm, bracket } = card.sheet
    const name = sheetName(card.sheet)
    if (!chassis) continue
    const { cardMaxLengthMm, cardHeight } = chassis.sheet
    const parts = [chassis, card]
    if (bracket === null || (cardHeight === null && bracket !== 'both')) {
      findings.push(
        notKnown({
          code: 'card-bracket',
          step: 'core',
          partIds: parts.map(({ part }) => part.id),
          question: `whether the bracket of ${name} fits`,
          missing: bracket === null ? 'its height' : `the openings of ${sheetName(chassis.sheet)}`,
        }),
      )
    } else if (cardHeight === 'half' && bracket === 'full' && flatPlaces > 0) {
      flatPlaces -= 1
    } else if (cardHeight === 'half' && bracket === 'full') {
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
  const slotFinding = board && noSlot(board, cards, risers, say)
  return slotFinding ? [...findings, slotFinding] : findings
}

/** The finding that a card or riser has no slot, or that nobody can tell. */
function noSlot(
  board: FittedWithSheet<'board'>,
  cards: ReturnType<typeof cardsOf>,
  risers: readonly FittedWithSheet<'riser'>[],
  say: Speller,
): Finding | null {
  const all = [...risers, ...cards]
  if (all.length === 0) return null
  const { slots } = board.sheet
  const silentRiser = risers.some(({ sheet }) => sheet.gives === null)
  if (slots === null || silentRiser || all.some(({ sheet }) => sheet.lanes === null)) {
    return notKnown({
      code: 'no-slot-for-card',
      step: 'core',
      partIds: [board.part.id, ...all.map(({ part }) => part.id)],
      question: 'whether every card finds a slot',
      missing:
        slots === null
          ? `the slots of ${sheetName(board.sheet)}`
          : 'the lanes of every card and riser',
    })
  }
  const given = risers.flatMap(({ sheet }) =>
    (sheet.gives ?? []).map((physicalLanes) => ({ physicalLanes, openEnd: false })),
  )
  const places = [...slots, ...given]
  const left = slotsForCards(
    places,
    all.map(({ sheet }) => sheet.lanes ?? 16),
  )
  const homeless = all.filter((_, index) => left.includes(index))
  if (homeless.length === 0) return null
  return fitFinding({
    code: 'no-slot-for-card',
    severity: 'blocks',
    step: 'core',
    parts: [board, ...homeless],
    sentence: `No slot is left for ${homeless.map(({ sheet }) => sheetName(sheet)).join(' and ')}: ${say.counted(places.length, 'slot')}, ${say.counted(all.length, 'card')}, and a closed slot takes no longer edge than its own.`,
    numbers: { slots: places.length, cards: all.length },
  })
}
