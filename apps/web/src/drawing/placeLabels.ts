import { cutText } from '@flint/core/drawing'

/** Words that belong to something on a drawing, pixels from its upper left corner. */
export interface Label {
  /** For the list; never taken apart. */
  id: string
  text: string
  /** Where its middle should be. */
  x: number
  y: number
  /** Where else it may be just as well, the best first, while another label is there. */
  orAt?: readonly { x: number; y: number }[]
  look: 'words' | 'chip' | 'missed'
}

export interface PlacedLabel {
  id: string
  /** As much of the words as has room. */
  text: string
  whole: string
  look: Label['look']
  left: number
  top: number
  width: number
  height: number
  /** What it belongs to, when it had to move away from it. */
  from: { x: number; y: number } | null
}

const HEIGHT_PX = 16
/** Of the text's font at 12 px, on the safe side. */
export const LETTER_PX = 6.3
const PADDING_PX = 4
const GAP_PX = 2
const MOST_LETTERS = 26
/** A label that lies nearer than this to where it belongs needs no line to it. */
const NEAR_PX = 12

/**
 * Where do labels go, so that none lies over another one or beyond the drawing?
 *
 * One after the other, each to the first of its own places that is free, or else to the free place that is nearest to
 * what it belongs to. One for which there is no place is left out.
 */
export function placeLabels(
  labels: readonly Label[],
  drawing: { width: number; height: number },
): PlacedLabel[] {
  const placed: PlacedLabel[] = []
  for (const { id, text: whole, x, y, orAt = [], look } of labels) {
    const most = Math.floor((drawing.width - 2 * PADDING_PX) / LETTER_PX)
    const text = cutText(whole, Math.max(1, Math.min(MOST_LETTERS, most)))
    const width = labelWidth(text)
    const around = (middle: { x: number; y: number }): At => ({
      left: between(middle.x - width / 2, 0, drawing.width - width),
      top: between(middle.y - HEIGHT_PX / 2, 0, drawing.height - HEIGHT_PX),
    })
    const isFree = (at: At): boolean =>
      placed.every((other) => !overlap({ ...at, width, height: HEIGHT_PX }, other))
    const wanted = [{ x, y }, ...orAt].map(around)
    const free =
      wanted.find(isFree) ?? places(around({ x, y }), width, drawing).find((at) => isFree(at))
    if (!free) continue
    const isFar = wanted.every(
      ({ left, top }) => Math.hypot(free.left - left, free.top - top) > NEAR_PX,
    )
    placed.push({
      id,
      text,
      whole,
      look,
      ...free,
      width,
      height: HEIGHT_PX,
      from: isFar ? { x, y } : null,
    })
  }
  return placed
}

/** How wide a label is, pixels; words that are cut are as wide as what is left of them. */
export const labelWidth = (text: string): number =>
  Math.min(text.length, MOST_LETTERS) * LETTER_PX + 2 * PADDING_PX

interface At {
  left: number
  top: number
}

/** Every place in steps of a label's height and half its width, the nearest first. */
function places(wanted: At, width: number, drawing: { width: number; height: number }): At[] {
  const [rows, columns] = [HEIGHT_PX + GAP_PX, width / 2]
  const found: At[] = []
  for (let row = -Math.ceil(drawing.height / rows); row * rows <= drawing.height; row += 1) {
    for (let column = -4; column <= 4; column += 1) {
      const at = { left: wanted.left + column * columns, top: wanted.top + row * rows }
      const isInside =
        at.left >= 0 &&
        at.top >= 0 &&
        at.left + width <= drawing.width &&
        at.top + HEIGHT_PX <= drawing.height
      if (isInside) found.push(at)
    }
  }
  const far = ({ left, top }: At): number => Math.hypot(left - wanted.left, top - wanted.top)
  return found.sort((one, other) => far(one) - far(other))
}

interface Rectangle extends At {
  width: number
  height: number
}

function overlap(one: Rectangle, other: Rectangle): boolean {
  return (
    one.left < other.left + other.width + GAP_PX &&
    other.left < one.left + one.width + GAP_PX &&
    one.top < other.top + other.height &&
    other.top < one.top + one.height
  )
}

const between = (value: number, least: number, most: number): number =>
  Math.max(least, Math.min(value, Math.max(least, most)))
