import type { Link, LinkId, LinkKind } from '../machine/links/link'

/** To the CPU, as what is read from a drive; or away from it, as what is sent to a reader. */
export type Direction = 'in' | 'out'

/**
 * Links that carry as much each way at the same time. PCI Express, the chipset's way to the CPU, which is the same
 * inside, and Ethernet through a switch have wires of their own for both. Source: PCI Express Base; IEEE 802.3,
 * clause 28, full duplex. SATA and the heads of a drive do one thing at a time; cables of enclosures and USB are
 * counted so too, on the safe side.
 */
const BOTH_WAYS: ReadonlySet<LinkKind> = new Set(['slot', 'M.2', 'chipset', 'network', 'reader'])

/** Links with their directions as ends of their own, for flows to load. */
export interface DirectedLinks {
  /** Bytes a second of each, by a name of its own; never taken apart. */
  capacityOf: ReadonlyMap<string, number>
  linkOf: ReadonlyMap<string, Link>
  /** The name of a link in a direction: the same for both where it carries one at a time. */
  nameOf: (linkId: LinkId, direction: Direction) => string
}

/** The links of a machine as flows load them. */
export function directedLinks(links: readonly Link[]): DirectedLinks {
  const capacityOf = new Map<string, number>()
  const linkOf = new Map<string, Link>()
  const names = new Map<LinkId, Record<Direction, string>>()
  for (const link of links) {
    const { id, kind, bytesPerSecond } = link
    const named = BOTH_WAYS.has(kind) ? { in: `in ${id}`, out: `out ${id}` } : { in: id, out: id }
    names.set(id, named)
    for (const name of new Set(Object.values(named))) {
      capacityOf.set(name, bytesPerSecond)
      linkOf.set(name, link)
    }
  }
  return { capacityOf, linkOf, nameOf: (id, direction) => names.get(id)?.[direction] ?? id }
}
