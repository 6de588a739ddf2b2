import { isTyping } from './isTyping'

const FOCUSABLE =
  'a[href], button:not(:disabled), input:not(:disabled), select:not(:disabled), textarea:not(:disabled), summary, [tabindex="0"]'

const WHOLE_PAGE = 'body, #root'
/** The two parts of a step. */
const PANES = 'main, aside'

/** Where the keyboard was: the element, and in each of its parents the place of the part that it was in. */
interface Place {
  element: HTMLElement
  /** Whether it came there by a key, and so is looked for where it went. */
  byKey: boolean
  parents: { parent: HTMLElement; index: number }[]
}

/**
 * Brings the keyboard to the sensible next place when what had it is gone: an entry that was removed gives it to the
 * one that took its place, a button that is done with to its neighbour.
 *
 * Without this it would fall to the top of the page, and whoever works by keyboard would begin anew.
 *
 * @returns stops it
 */
export function keepFocus(page: Document): () => void {
  let last: Place | null = null

  function onFocusIn({ target }: FocusEvent): void {
    if (!(target instanceof HTMLElement)) return
    const parents: Place['parents'] = []
    let child: HTMLElement = target
    for (let parent = child.parentElement; parent; parent = parent.parentElement) {
      const inChild = child
      // There nothing but the main part is looked for, so nobody asks which of hundreds it was.
      if (parent.matches(WHOLE_PAGE)) {
        parents.push({ parent, index: 0 })
        break
      }
      const index = focusableIn(parent).findIndex((one) => inChild.contains(one))
      parents.push({ parent, index })
      child = parent
    }
    last = { element: target, byKey: target.matches(':focus-visible'), parents }
  }

  function onChange(): void {
    const { activeElement } = page
    const isLost = activeElement === null || activeElement === page.body || isGone(activeElement)
    if (!isLost || !last || !isGone(last.element)) return
    const { byKey, element } = last
    // Another step has the place of all that was there, and nothing in it is what came next.
    const isOtherStep = element.closest(PANES)?.isConnected === false
    const next = isOtherStep ? mainPart(page.body) : nextPlace(last)
    last = null
    // An offer that has the keyboard shows what it would do, which nobody asked for who points and clicks.
    if (byKey || !next?.matches('[data-offer]'))
      next?.focus({ preventScroll: next.matches('main') })
  }

  const observer = new MutationObserver(onChange)
  observer.observe(page.body, {
    childList: true,
    subtree: true,
    attributes: true,
    attributeFilter: ['disabled'],
  })
  page.addEventListener('focusin', onFocusIn)
  return () => {
    observer.disconnect()
    page.removeEventListener('focusin', onFocusIn)
  }
}

const isGone = (element: Element): boolean => !element.isConnected || element.matches(':disabled')

const focusableIn = (parent: HTMLElement): HTMLElement[] => [
  ...parent.querySelectorAll<HTMLElement>(FOCUSABLE),
]

/** In the nearest parent that is left, what now has the place, else the last before it; on another page its main part. */
function nextPlace({ parents }: Place): HTMLElement | null {
  for (const { parent, index } of parents) {
    if (!parent.isConnected) continue
    if (parent.matches(WHOLE_PAGE)) return mainPart(parent)
    const left = focusableIn(parent)
    // Not into a field, where the next keys would be text instead of undoing what was done.
    const next =
      left.slice(index).find((one) => !isTyping(one)) ??
      left.slice(0, index).findLast((one) => !isTyping(one))
    if (next) return next
  }
  return null
}

function mainPart(page: HTMLElement): HTMLElement | null {
  const main = page.querySelector('main')
  if (main && !main.hasAttribute('tabindex')) main.tabIndex = -1
  return main
}
