const PLACE = 'flint-shelf-link'

/** The page that a link leads to. */
export const LINK_PATH = '/link'

/** The key of the link that this tab was opened with; null in any other. It stays when the page is loaded again. */
export function linkKey(): string | null {
  try {
    return sessionStorage.getItem(PLACE)
  } catch {
    // A browser that lets pages keep nothing has followed no link.
    return null
  }
}

/**
 * Takes the key from the address of a link. It stands behind the #, so that no server writes it into a log, and goes
 * from there, so that nobody copies it with the address of the design.
 */
export function takeLinkKey({ location, history }: Window): void {
  if (location.pathname !== LINK_PATH || location.hash.length < 2) return
  sessionStorage.setItem(PLACE, location.hash.slice(1))
  history.replaceState(null, '', LINK_PATH)
}

export function leaveLink(): void {
  sessionStorage.removeItem(PLACE)
}
