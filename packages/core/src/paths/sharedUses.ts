import type { LinkId } from '../machine/links/link'
import type { DirectedLinks, Direction } from './directedLinks'

/** A way that a flow goes, with the share of its bytes that goes there. */
export interface SharedWay {
  links: readonly LinkId[]
  direction: Direction
  share: number
}

/** Loads of several ways together, on each link in its direction. */
export function sharedUses(
  { nameOf }: Pick<DirectedLinks, 'nameOf'>,
  ways: readonly SharedWay[],
): Map<string, number> {
  const uses = new Map<string, number>()
  for (const { links, direction, share } of ways) {
    for (const link of links) {
      const name = nameOf(link, direction)
      uses.set(name, (uses.get(name) ?? 0) + share)
    }
  }
  return uses
}
