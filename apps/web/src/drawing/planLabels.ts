import { format } from '../controls/locale'
import type { Arrangement } from './arrangement'
import { type BayStack, drivesText } from './bayStacks'
import { BARE_STRIP_MM, onBoard } from './boardDetails'
import { type Label, LETTER_PX } from './placeLabels'
import type { PlanBoxShape } from './planBoxes'

/** Room for words on a drive. For the drawing only. */
const DRIVE_WORDS_MM = 130
/** Of a label's middle from the edge of its box. */
const EDGE_PX = 13

/**
 * What is said of a box: a card in the middle of its strip, a board where it is bare, or at the edge of its slots when
 * it is too small for that, others at their upper edge.
 */
export function boxLabels(
  box: PlanBoxShape,
  pxPerMm: number,
  plane: Arrangement['plane'],
): Label[] {
  const { id, frontMm, acrossMm, depthMm, widthMm, words, overMm, what } = box
  const isCard = what === 'card'
  const x = (frontMm + depthMm / 2) * pxPerMm
  const wordsAt = {
    card: (acrossMm + widthMm / 2) * pxPerMm,
    board:
      onBoard(
        { plane, board: box },
        0,
        Math.max(0, Math.min(BARE_STRIP_MM, widthMm - EDGE_PX / pxPerMm)),
      ).y * pxPerMm,
    supply: acrossMm * pxPerMm + EDGE_PX,
  }
  const y = wordsAt[what]
  const missed: Label = {
    id: `${id} too far`,
    text: `△ ${format.number(overMm)} mm too far`,
    x,
    y: isCard ? y : (acrossMm + widthMm) * pxPerMm - EDGE_PX,
    look: 'missed',
  }
  return [{ id: `${id} words`, text: words, x, y, look: 'words' }, ...(overMm > 0 ? [missed] : [])]
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
