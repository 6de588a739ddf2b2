import { certain } from '../../units/certain'
import type { SizedDrive } from '../layoutFamily'
import type { VdevKind } from './vdevKinds'

/**
 * How should drives of several sizes be cut into groups of one kind, so that most can be stored?
 *
 * In a group the smallest drive counts, so neighbours in size belong together: it is enough to look at
 * cuts of the drives sorted by size. The best cut of the first n drives is the best cut of fewer plus
 * one more group, which makes looking at all of them quick. Mirrors are pairs or threes.
 *
 * @param kind a mirror or a raidz
 * @returns the drives of each group, the largest first; null when no cut is possible
 * @example
 * cutBySize([4, 8, 8, 4].map((capacityBytes, at) => ({ id: `drive-${at}`, capacityBytes })), mirror)[0]
 * // ['drive-1', 'drive-2']
 */
export function cutBySize(drives: readonly SizedDrive[], kind: VdevKind): string[][] | null {
  const sorted = [...drives].sort((one, other) => other.capacityBytes - one.capacityBytes)
  const isMirror = kind.kind === 'mirror'
  // A parity group of its least width wastes more than half; one more member at least.
  const narrowest = isMirror ? 2 : kind.minimumMembers + 1
  const widest = isMirror ? 3 : sorted.length
  const best: ({ bytes: number; from: number } | null)[] = [{ bytes: 0, from: 0 }]
  for (let end = 1; end <= sorted.length; end += 1) {
    let found: { bytes: number; from: number } | null = null
    for (let width = narrowest; width <= Math.min(widest, end); width += 1) {
      const before = best[end - width]
      if (!before) continue
      const smallest = certain(sorted[end - 1]).capacityBytes
      const dataWidth = isMirror ? 1 : width - kind.toleratesFailures(width)
      const bytes = before.bytes + smallest * dataWidth
      if (!found || bytes > found.bytes) found = { bytes, from: end - width }
    }
    best.push(found)
  }
  const groups: string[][] = []
  for (let end = sorted.length; end > 0;) {
    const cut = best[end]
    if (!cut) return null
    groups.unshift(sorted.slice(cut.from, end).map(({ id }) => id))
    end = cut.from
  }
  return groups
}
