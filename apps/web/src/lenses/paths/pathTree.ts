import { CHIPSET, type Link, type Machine } from '@flint/core/figures'

/** A drive or a network port, at the far end of a way. */
export interface PathEnd {
  id: string
  kind: 'drive' | 'network'
  /** From the end to the CPU. */
  links: string[]
  yPx: number
}

/** What ends hang on: a card, a socket or the board's own ports. */
export interface PathNode {
  id: string
  /** Its own link towards the CPU; null for the board's ports, which are the chipset's. */
  link: Link | null
  behindChipset: boolean
  ends: PathEnd[]
  yPx: number
}

export interface PathTree {
  nodes: PathNode[]
  /** Height of the CPU and the chipset on the sheet; null without anything behind the chipset. */
  cpuYPx: number
  chipsetYPx: number | null
  heightPx: number
}

/** A pointer needs 24 for each (WCAG 2.2, target size). */
const ROW_PX = 25
const BETWEEN_NODES_PX = 15

/** How the ways of a machine are laid out as a tree, the CPU at the left and every end on a row of its own. */
export function pathTree({
  drivePaths,
  networkPaths,
  links,
}: Pick<Machine, 'drivePaths' | 'networkPaths' | 'links'>): PathTree {
  const linkOf = new Map(links.map((link) => [link.id, link]))
  const nodes: PathNode[] = []
  const addTo = (way: readonly string[], end: Omit<PathEnd, 'yPx'>): void => {
    const own = way.find((id) => id !== CHIPSET)
    const id = own ?? 'board'
    let node = nodes.find((one) => one.id === id)
    if (!node) {
      const link = own === undefined ? null : (linkOf.get(own) ?? null)
      node = { id, link, behindChipset: way.includes(CHIPSET), ends: [], yPx: 0 }
      nodes.push(node)
    }
    node.ends.push({ ...end, yPx: 0 })
  }
  // The ends' own links, as platters and ports, are drawn at the ends.
  const isOwn = (id: string): boolean => {
    const kind = linkOf.get(id)?.kind
    return kind === 'platter' || kind === 'port' || kind === 'network'
  }
  const above = (way: readonly string[]): string[] => way.filter((id) => !isOwn(id))
  for (const { driveId, links: way } of drivePaths) {
    addTo(above(way), { id: driveId, kind: 'drive', links: way })
  }
  for (const { id, links: way } of networkPaths) {
    addTo(above(way), { id, kind: 'network', links: way })
  }
  // What is behind the chipset lies together, so that its ways do not cross the others.
  nodes.sort((one, other) => Number(one.behindChipset) - Number(other.behindChipset))
  let y = ROW_PX / 2
  for (const node of nodes) {
    for (const end of node.ends) {
      end.yPx = y
      y += ROW_PX
    }
    node.yPx = middle(node.ends)
    y += BETWEEN_NODES_PX
  }
  const behind = nodes.filter(({ behindChipset }) => behindChipset)
  return {
    nodes,
    cpuYPx: middle(nodes),
    chipsetYPx: behind.length > 0 ? middle(behind) : null,
    heightPx: Math.max(60, y),
  }
}

function middle(places: readonly { yPx: number }[]): number {
  const [first, last] = [places[0]?.yPx ?? 30, places.at(-1)?.yPx ?? 30]
  return (first + last) / 2
}
