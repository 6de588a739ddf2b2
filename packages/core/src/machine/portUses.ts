import type { NetworkChoices, PortUse } from '../design/networkChoices'
import type { NetworkPortRef } from '../design/readers'
import type { NetworkPath } from './links/link'

export interface PortUses {
  /** What each port is for, in the order of the ports. */
  uses: readonly { path: NetworkPath; use: PortUse }[]
  /** The ports that are joined, all of one speed; or the one that everybody comes through. */
  joined: readonly NetworkPath[]
  /** Ports that are to be joined and are not as quick as the others, so that they cannot be. */
  unlike: readonly NetworkPath[]
}

/**
 * What is each network port for?
 *
 * What the builder has said counts. Where nobody has said which ports are joined, those are that bring most: the
 * equal ports of one piece. Ports of the board are not joined to those of a card by themselves, and ports of
 * different speeds never are.
 *
 * Source: IEEE 802.1AX joins links of one speed only (from memory).
 */
export function portUses(
  paths: readonly NetworkPath[],
  choices: Pick<NetworkChoices, 'ports'>,
): PortUses {
  const said = new Map(
    choices.ports.flatMap(({ port, use }) => {
      const path = pathAt(paths, port)
      return path ? [[path.id, use] as const] : []
    }),
  )
  const wanted = paths.filter(({ id }) => said.get(id) === 'joined')
  const candidates =
    wanted.length > 0 ? wanted : largestSet(paths.filter(({ id }) => !said.has(id)))
  const speed = Math.max(...candidates.map(({ port }) => port.bitsPerSecond))
  const joined = candidates.filter(({ port }) => port.bitsPerSecond === speed)
  // One alone is joined with nothing.
  const used: PortUse = joined.length > 1 ? 'joined' : 'single'
  return {
    uses: paths.map((path) => ({
      path,
      use: said.get(path.id) ?? (joined.includes(path) ? used : 'unused'),
    })),
    joined,
    unlike: candidates.filter((path) => !joined.includes(path)),
  }
}

/** The way of a port that the document names; undefined for one that is not there any more. */
export function pathAt(
  paths: readonly NetworkPath[],
  { pieceId, number }: NetworkPortRef,
): NetworkPath | undefined {
  return paths.find(({ port }) => port.partId === pieceId && port.number === number)
}

/** Equal ports of one piece, those that bring most together; of equal sets the first. */
function largestSet(paths: readonly NetworkPath[]): NetworkPath[] {
  const sets: NetworkPath[][] = []
  for (const path of paths) {
    const set = sets.find(([first]) => {
      const { partId, bitsPerSecond } = first?.port ?? {}
      return partId === path.port.partId && bitsPerSecond === path.port.bitsPerSecond
    })
    if (set) set.push(path)
    else sets.push([path])
  }
  const bits = (set: NetworkPath[]): number =>
    set.reduce((sum, { port }) => sum + port.bitsPerSecond, 0)
  return sets.reduce<NetworkPath[]>((most, set) => (bits(set) > bits(most) ? set : most), [])
}
