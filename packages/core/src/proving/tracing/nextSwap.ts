import type { RankedSuspects } from './traceFault'
import { PRIORS, type Suspect } from './suspects'

/** What to change at the bench, and what the errors would go with. */
export interface Swap {
  /**
   * `swap drives`: with a clean one. `other port`: the same cable into another. `other cable and port`: both together.
   * `replace`: by another one. `other lead`: the same plugs on another lead of the supply.
   */
  how: 'swap drives' | 'other port' | 'other cable and port' | 'replace' | 'other lead'
  /** What is moved or replaced. */
  suspect: Suspect
  /** Ids of all suspects that the errors would go with, or end with. */
  moved: string[]
  /** How many of the likely suspects it decides about. */
  decides: number
  ofLikely: number
}

/** Suspects below this chance are no reason to open the case. */
const LIKELY = 0.02

/**
 * Which swap tells the most apart?
 *
 * Each likely suspect is changed in thought: either the errors go with it, or they stay. The best swap is the one after
 * which the least is expected to be uncertain. Source: expected information (entropy), any handbook of statistics.
 *
 * @returns null where one suspect is left, or none
 */
export function nextSwap(ranked: readonly RankedSuspects[]): Swap | null {
  const likely = ranked
    .filter(({ probability }) => probability >= LIKELY)
    .flatMap(({ suspects, probability }) => {
      const sum = suspects.reduce((all, { kind }) => all + PRIORS[kind], 0)
      return suspects.map((suspect) => ({
        suspect,
        share: (probability * PRIORS[suspect.kind]) / sum,
      }))
    })
  const whole = likely.reduce((sum, { share }) => sum + share, 0)
  if (likely.length < 2) return null
  const all = likely.map(({ suspect }) => suspect)
  const alone = all.map((suspect) => ({ how: howTo(suspect), suspect, moved: [suspect] }))
  // A cable with its port is changed in one go, which halves the suspects where both are among them.
  const together = all.flatMap((suspect) => {
    const moved = all.filter(
      ({ id, kind, driveIds }) =>
        id === suspect.id || (kind === 'port' && sameDrives(driveIds, suspect.driveIds)),
    )
    const how = 'other cable and port' as const
    return suspect.kind === 'cable' && moved.length > 1 ? [{ how, suspect, moved }] : []
  })
  const swaps = [...alone, ...together].map(({ how, suspect, moved }): Weighed => {
    const ids = new Set(moved.map(({ id }) => id))
    const share =
      likely.reduce((sum, one) => sum + (ids.has(one.suspect.id) ? one.share : 0), 0) / whole
    return {
      how,
      suspect,
      moved: [...ids],
      decides: Math.max(ids.size, likely.length - ids.size),
      ofLikely: likely.length,
      gain: entropy(share),
    }
  })
  const [best] = swaps.toSorted((one, other) => other.gain - one.gain)
  if (!best || best.gain === 0) return null
  const { how, suspect, moved, decides, ofLikely } = best
  return { how, suspect, moved, decides, ofLikely }
}

/** A swap with what is expected to be learned from it, in bits. */
interface Weighed extends Swap {
  gain: number
}

const sameDrives = (one: readonly string[], other: readonly string[]): boolean =>
  one.length === other.length && one.every((id) => other.includes(id))

function howTo({ kind }: Suspect): Swap['how'] {
  switch (kind) {
    case 'drive':
      return 'swap drives'
    case 'port':
      return 'other port'
    case 'lead':
      return 'other lead'
    default:
      return 'replace'
  }
}

/** Of a question with two answers, in bits. */
function entropy(share: number): number {
  if (share <= 0 || share >= 1) return 0
  return -(share * Math.log2(share) + (1 - share) * Math.log2(1 - share))
}
