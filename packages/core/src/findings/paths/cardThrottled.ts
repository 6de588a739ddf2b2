import { found, lack } from '../../judging/finding'
import { missingOf } from '../../judging/missing'
import type { Given } from '../../judging/given'
import type { Rule } from '../../judging/rule'
import { cardsOf, slotNeedOf } from '../../machine/cards'
import { type Machine, pieceOf } from '../../machine/machine'
import type { Piece, PieceId } from '../../machine/piece'
import type { PlacedDevice } from '../../machine/placement/placeDevices'
import { type TakenLanes, takenLanes } from '../../machine/placement/takenLanes'
import type { Missing } from '../../units/amount'

interface Facts {
  cardId: PieceId
  slot: number
  lanes: number
  pcieGeneration: number
  bytesPerSecond: number
  needBytesPerSecond: number
  /** What took lanes from its slot; null where nothing did. */
  /** Whether the slot is one of plain PCI, without lanes or generation. */
  isPlainPci: boolean
  taken: TakenLanes | null
  waysOut: readonly WayOut[]
}

/** What would give a card its lanes. */
type WayOut =
  | 'let places be worked out'
  | 'no display card'
  | 'a CPU with graphics'
  | 'an expander'
  | 'another card'
  | 'another board'

const WAYS: Record<WayOut, string> = {
  'let places be worked out': 'letting slots be worked out, which gives it a wider one',
  'no display card': 'no display card, since the CPU has graphics',
  'a CPU with graphics': 'a CPU with graphics instead of the display card',
  'an expander': 'an expander behind one controller instead of two controllers',
  'another card': 'a card with more lanes or of a later generation',
  'another board': 'a board with a wider slot for it',
}

/** A card that moves less than what hangs on it, in the best slot that is left for it. */
export const cardThrottled: Rule<'card-throttled', Facts> = {
  code: 'card-throttled',
  step: 'paths',
  find: (given) => {
    const { machine, cardLoads } = given
    const board = pieceOf(machine, 'board')
    const cards = cardsOf(machine).filter(({ dataSheet }) => slotNeedOf(dataSheet)?.moves)
    // That the slots are not known, or that there are too few, is said by the rule on slots.
    if (!board?.dataSheet.slots || cards.length === 0) return []
    const missing = cards.flatMap(missingOfCard)
    if (missing.length > 0) {
      return [lack(missing, { partIds: missing.flatMap(({ pieceId }) => pieceId ?? []) })]
    }
    return cardLoads.flatMap((placed) => {
      const { pieceId, root, lanes, pcieGeneration } = placed
      const { bytesPerSecond, shortBytesPerSecond, needBytesPerSecond } = placed
      const card = cards.find(({ id }) => id === pieceId)
      if (!card || shortBytesPerSecond === 0) return []
      const taken = takenLanes(machine, placed)
      const facts = {
        cardId: card.id,
        slot: root.number,
        lanes,
        pcieGeneration,
        bytesPerSecond,
        needBytesPerSecond,
        isPlainPci: placed.bus === 'PCI',
        taken,
        waysOut: waysOut(given, placed, taken),
      }
      const taker = machine.pieces.get(taken?.byId ?? '')
      return found('risks', { parts: [board, card, ...(taker ? [taker] : [])] }, facts)
    })
  },
  sentence: (facts, { piece, format }) => {
    const { cardId, slot, lanes, pcieGeneration, taken } = facts
    const [gets, could] = format.apart(facts.bytesPerSecond, facts.needBytesPerSecond, format.rate)
    const why = taken
      ? ` because ${piece(taken.byId)} in ${taken.from.kind === 'slot' ? 'slot' : 'M.2 socket'} ${taken.from.number} takes lanes from it (×${taken.lanesWithout} without)`
      : ''
    const width = facts.isPlainPci ? 'plain PCI' : `×${lanes} of generation ${pcieGeneration}`
    return `${piece(cardId)} is throttled: slot ${slot} gives it ${width}${why}, ${gets}, and what hangs on it can move ${could}.${waysWords(facts.waysOut)}`
  },
  question: 'whether its slot is wide enough for each card',
}

const waysWords = (ways: readonly WayOut[]): string =>
  ways.length === 0 ? '' : ` Ways out: ${ways.map((way) => WAYS[way]).join('; ')}.`

function waysOut(
  { machine, machineUnpinned, paths }: Given,
  placed: PlacedDevice,
  taken: TakenLanes | null,
): WayOut[] {
  const ways: WayOut[] = []
  const short = ({ placement }: Pick<Machine, 'placement'>): number | undefined =>
    placement.placed.find(({ pieceId }) => pieceId === placed.pieceId)?.shortBytesPerSecond
  if (paths.cardPins.length > 0 && short(machineUnpinned) === 0)
    ways.push('let places be worked out')
  const taker = machine.pieces.get(taken?.byId ?? '')
  const card = machine.pieces.get(placed.pieceId)
  if (taker?.kind === 'display') {
    const { hasGraphics } = pieceOf(machine, 'cpu')?.dataSheet ?? {}
    if (hasGraphics === true) ways.push('no display card')
    else if (pieceOf(machine, 'board')?.dataSheet.displayOutput !== 'none') {
      ways.push('a CPU with graphics')
    }
  }
  if (taker?.kind === 'controller' && card?.kind === 'controller') ways.push('an expander')
  const need = card && slotNeedOf(card.dataSheet)
  // Where the slot has no more to give than the card takes, only another card is quicker.
  const isOfCard = need?.lanes === placed.lanes && need.pcieGeneration === placed.pcieGeneration
  ways.push(isOfCard ? 'another card' : 'another board')
  return ways
}

function missingOfCard(card: Piece): Missing[] {
  const need = slotNeedOf(card.dataSheet)
  const moves = need?.moves
  const isSpeedMissing = moves && 'network' in moves && moves.network.bitsPerSecond === null
  return [
    ...(need?.pcieGeneration === null ? missingOf(card, 'pcieGeneration') : []),
    ...(isSpeedMissing === true ? missingOf(card, 'bitsPerSecond') : []),
  ]
}
