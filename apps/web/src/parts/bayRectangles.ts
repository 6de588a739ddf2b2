import type { Texts } from './sheetTexts'

interface Rectangle {
  x: number
  y: number
  width: number
  height: number
}

/** A front as far as its fields say it, in millimetres. */
export interface FrontSketch extends Pick<Rectangle, 'width' | 'height'> {
  bays: Rectangle[]
  /** Bays that reach beyond the front. */
  outside: number
}

/** More bays than this are not drawn one by one. */
const MOST_BAYS = 400

const numberIn = (value: unknown): number | null => {
  const number = typeof value === 'number' ? value : Number(value)
  return value !== '' && value !== null && Number.isFinite(number) ? number : null
}

/**
 * The bays of a case that is being entered, from its fields as they are typed.
 *
 * @returns null while its front or its bays cannot be read
 */
export function frontSketch(texts: Texts): FrontSketch | null {
  const [width, height] = [numberIn(texts.widthMm), numberIn(texts.heightMm)]
  const blocks = blocksIn(texts.bayBlocks ?? '')
  if (width === null || height === null || width <= 0 || height <= 0 || !blocks) return null
  const bays = blocks.flatMap(baysOf).slice(0, MOST_BAYS)
  const outside = bays.filter(
    (bay) => bay.x < 0 || bay.y < 0 || bay.x + bay.width > width || bay.y + bay.height > height,
  ).length
  return { width, height, bays, outside }
}

function blocksIn(text: string): Record<string, unknown>[] | null {
  if (text.trim() === '') return null
  const blocks: unknown = JSON.parse(text)
  return Array.isArray(blocks) && blocks.length > 0 ? (blocks as Record<string, unknown>[]) : null
}

function baysOf(block: Record<string, unknown>): Rectangle[] {
  const of = (name: string): number => numberIn(block[name]) ?? 0
  const [rows, columns] = [Math.min(30, of('rows')), Math.min(30, of('columns'))]
  const [width, height, gap] = [of('bayWidthMm'), of('bayHeightMm'), of('gapMm')]
  if (width <= 0 || height <= 0) return []
  return Array.from({ length: rows * columns }, (_, bay) => ({
    x: of('leftMm') + (bay % columns) * (width + gap),
    y: of('topMm') + Math.floor(bay / columns) * (height + gap),
    width,
    height,
  }))
}
