import type { Bay } from '@flint/core/drawing'
import { type PointerEvent as ReactPointerEvent, useRef, useState } from 'react'

export interface Marquee {
  leftPx: number
  topPx: number
  widthPx: number
  heightPx: number
}

/** A press that moves less than this is a click. */
const LEAST_PX = 5

/**
 * Bays that a rectangle touches.
 * @example
 * baysTouched(
 *   [{ id: 'a', leftMm: 0, topMm: 0, widthMm: 20, heightMm: 9 }],
 *   { leftPx: 0, topPx: 0, widthPx: 9, heightPx: 9 }, 1.5)
 * // ['a']
 */
export function baysTouched(
  bays: readonly Bay[],
  { leftPx, topPx, widthPx, heightPx }: Marquee,
  pxPerMm: number,
): string[] {
  const [left, top] = [leftPx / pxPerMm, topPx / pxPerMm]
  const [right, bottom] = [left + widthPx / pxPerMm, top + heightPx / pxPerMm]
  return bays
    .filter(
      (bay) =>
        bay.leftMm < right &&
        bay.leftMm + bay.widthMm > left &&
        bay.topMm < bottom &&
        bay.topMm + bay.heightMm > top,
    )
    .map(({ id }) => id)
}

/**
 * Choosing bays by drawing a rectangle over them: from between the bays, or from anywhere with Shift held,
 * since a plain drag on a drive moves it.
 *
 * @param onSelect gets the bays touched so far, while the rectangle is drawn
 */
export function useMarquee(
  bays: readonly Bay[],
  pxPerMm: number,
  onSelect: (bayIds: string[]) => void,
): {
  marquee: Marquee | null
  onPointerDown: (event: ReactPointerEvent<HTMLElement>) => void
  /** True once after a rectangle was drawn: the click that ends it chooses nothing. */
  swallowsClick: () => boolean
} {
  const [marquee, setMarquee] = useState<Marquee | null>(null)
  const wasDrawn = useRef(false)

  function onPointerDown(event: ReactPointerEvent<HTMLElement>): void {
    const front = event.currentTarget
    wasDrawn.current = false
    if (event.button !== 0 || !(event.shiftKey || event.target === front)) return
    const { left, top } = front.getBoundingClientRect()
    const [startX, startY] = [event.clientX - left, event.clientY - top]
    const move = ({ clientX, clientY }: PointerEvent): void => {
      const [x, y] = [clientX - left, clientY - top]
      if (!wasDrawn.current && Math.hypot(x - startX, y - startY) < LEAST_PX) return
      wasDrawn.current = true
      const drawn = {
        leftPx: Math.min(x, startX),
        topPx: Math.min(y, startY),
        widthPx: Math.abs(x - startX),
        heightPx: Math.abs(y - startY),
      }
      setMarquee(drawn)
      onSelect(baysTouched(bays, drawn, pxPerMm))
    }
    const end = (): void => {
      window.removeEventListener('pointermove', move)
      window.removeEventListener('pointerup', end)
      window.removeEventListener('pointercancel', end)
      setMarquee(null)
    }
    window.addEventListener('pointermove', move)
    window.addEventListener('pointerup', end)
    window.addEventListener('pointercancel', end)
  }

  return { marquee, onPointerDown, swallowsClick: () => wasDrawn.current }
}
