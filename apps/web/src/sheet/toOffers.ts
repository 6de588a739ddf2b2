/** Said with an address: the keyboard is to go to what is offered there. */
export const TO_OFFERS = { to: 'offers' } as const

export const goesToOffers = (said: unknown): boolean =>
  typeof said === 'object' && said !== null && 'to' in said && said.to === TO_OFFERS.to

/** Brings the keyboard to the first offer of the tray that can be taken. */
export function focusFirstOffer(): void {
  // The tray changes with the choice, so its offers are there only after it was drawn anew.
  requestAnimationFrame(() => {
    document.querySelector<HTMLElement>('[data-offer]:not([aria-disabled="true"])')?.focus()
  })
}
