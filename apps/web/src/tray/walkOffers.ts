import type { KeyboardEvent } from 'react'

/** Arrow keys walk the buttons of a list; Escape goes back to the drawing. */
export function walkOffers(event: KeyboardEvent<HTMLElement>): void {
  if (event.key === 'Escape') {
    event.preventDefault()
    document.dispatchEvent(new Event('flint:to-drawing'))
    return
  }
  const step = { ArrowDown: 1, ArrowUp: -1 }[event.key]
  if (step === undefined) return
  const offers = [...event.currentTarget.querySelectorAll<HTMLElement>('[data-offer]')]
  const at = offers.findIndex((offer) => offer === document.activeElement)
  const next = offers[Math.max(0, Math.min(offers.length - 1, at + step))]
  if (!next) return
  event.preventDefault()
  next.focus()
}
