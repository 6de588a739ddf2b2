import { REAR_SOCKETS } from '@flint/core/drawing'
import { format } from '../controls/locale'
import type { Arrangement } from './arrangement'
import { type BayStack, drivesText } from './bayStacks'
import { onBoard } from './boardDetails'
import { type Label, labelWidth, LETTER_PX } from './placeLabels'
import type { PlanBoxShape } from './planBoxes'

/** Room for words on a drive. For the drawing only. */
const DRIVE_WORDS_MM = 130
/** Of a label's middle from the edge of its box. */
const EDGE_PX = 13
/** Of the middle of a board's name from the card in its first slot. */
const UNDER_CARD_PX = 11
/** Of a label's middle over its box. */
const OVER_PX = 7
/** From the rear edge of a board to what its sockets leave free. */
const BEHIND_SOCKETS_MM = 28

/** What is said of a box: a card in the middle of its strip, a board where it is bare, a supply at its upper edge. */
export function boxLabels(
  box: PlanBoxShape,
  pxPerMm: number,
  plane: Arrangement['plane'],
): Label[] {
  const { id, frontMm, acrossMm, depthMm, widthMm, words, overMm, what } = box
  const isCard = what === 'card'
  const middle = (frontMm + depthMm / 2) * pxPerMm
  const edge = { x: middle, y: acrossMm * pxPerMm + EDGE_PX }
  const over = { x: middle, y: acrossMm * pxPerMm - OVER_PX }
  const at = {
    card: { x: middle, y: (acrossMm + widthMm / 2) * pxPerMm },
    board: { ...boardWordsAt(box, pxPerMm, plane), orAt: [edge, over] },
    supply: edge,
  }[what]
  const missed: Label = {
    id: `${id} too far`,
    text: `△ ${format.number(overMm)} mm too far`,
    x: middle,
    y: isCard ? at.y : (acrossMm + widthMm) * pxPerMm - EDGE_PX,
    look: 'missed',
  }
  return [{ id: `${id} words`, text: words, ...at, look: 'words' }, ...(overMm > 0 ? [missed] : [])]
}

/**
 * Between the memory and the first slot, beside the sockets: there a board has its chipset and nothing that anything
 * is plugged into. On a smaller board at its edge, and there or over it where something else is said in that place.
 */
function boardWordsAt(
  box: PlanBoxShape,
  pxPerMm: number,
  plane: Arrangement['plane'],
): { x: number; y: number } {
  const fromSocketsMm = Math.min(
    REAR_SOCKETS.widthMm - UNDER_CARD_PX / pxPerMm,
    box.widthMm - EDGE_PX / pxPerMm,
  )
  const { x, y } = onBoard({ plane, board: box }, BEHIND_SOCKETS_MM, Math.max(0, fromSocketsMm))
  const half = labelWidth(box.words) / 2
  return { x: Math.max(x * pxPerMm - half, box.frontMm * pxPerMm + half), y: y * pxPerMm }
}

/** The drives of a stack by name where there is room, else how many there are. */
export function stackLabel(
  { id, frontMm, acrossMm, widthMm, bays, drives }: BayStack,
  pxPerMm: number,
): Label {
  const names = drivesText(drives, format.drive)
  const lengthPx = DRIVE_WORDS_MM * pxPerMm
  const counted =
    drives.length === bays
      ? format.counted(bays, 'drive')
      : `${format.number(drives.length)} of ${format.counted(bays, 'bay')}`
  const text = names !== '' && names.length * LETTER_PX <= lengthPx ? names : counted
  return {
    id,
    text: drives.length === 0 ? (bays === 1 ? 'empty' : `${format.number(bays)} empty`) : text,
    x: (frontMm + DRIVE_WORDS_MM / 2 + 10) * pxPerMm,
    y: (acrossMm + widthMm / 2) * pxPerMm,
    look: 'words',
  }
}
