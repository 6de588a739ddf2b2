import { certain } from '../units/certain'
import { directedLinks } from './directedLinks'
import { jobSeconds, type JobSeconds } from './jobSeconds'
import { maxMinFair } from './maxMinFair'
import type { Link, LinkId, LinkKind } from '../machine/links/link'
import type { Machine } from '../machine/machine'
import {
  NO_CHOICE,
  type Scenario,
  type ScenarioChoice,
  type ScenarioDesign,
} from './scenarios/scenario'

export interface LinkLoad {
  link: Link
  bytesPerSecond: number
  /** Load over rate, 0 to 1. */
  share: number
}

export interface ScenarioRates extends JobSeconds {
  /** Rates of the flows, the slowest first. */
  flows: { id: string; bytesPerSecond: number; heldBackBy: Link | null }[]
  /** All flows together. */
  bytesPerSecond: number
  /** Links that carry something, in their order. */
  loads: LinkLoad[]
  /** The link, or one of the like ones, that holds back most flows; null when nothing does. */
  narrowest: Link | null
  /** How many links like it hold something back: every drive, every port. */
  alike: number
  /** How many times the sum would be with all of those twice as wide. */
  gainWhenDoubled: number
}

/**
 * How fast does a kind of work go, and what holds it back?
 *
 * Rates are those at the outer edge of the drives. The time of a job over drives is worked out over their surface: at
 * each place it goes as fast as the drive there, or as its share of the links.
 */
export function scenarioRates(
  design: ScenarioDesign,
  machine: Machine,
  scenario: Pick<Scenario, 'flowsOf'>,
  choice: ScenarioChoice = NO_CHOICE,
): ScenarioRates {
  const job = scenario.flowsOf(design, machine, choice)
  const { flows } = job
  const { capacityOf, linkOf, nameOf } = directedLinks([...machine.links, ...(job.links ?? [])])
  const { rateOf, heldBackBy, loadOf } = maxMinFair(capacityOf, flows)
  const sumOf = (rates: ReadonlyMap<string, number>): number =>
    [...rates.values()].reduce((sum, rate) => sum + rate, 0)
  const heldIds = [...heldBackBy.values()].flatMap((id) => id ?? [])
  const kindOf = (id: LinkId): string => likeKind(linkOf.get(id))
  const holding = [...new Set(heldIds)]
  const narrowest = mostNamed(heldIds, kindOf)
  const alike = holding.filter((id) => narrowest !== null && kindOf(id) === kindOf(narrowest))
  const total = sumOf(rateOf)
  const doubled = new Map(capacityOf)
  for (const id of alike) doubled.set(id, 2 * certain(capacityOf.get(id)))
  return {
    flows: flows
      .map(({ id }) => ({
        id,
        bytesPerSecond: certain(rateOf.get(id)),
        heldBackBy: linkOf.get(heldBackBy.get(id) ?? '') ?? null,
      }))
      .sort((one, other) => one.bytesPerSecond - other.bytesPerSecond),
    bytesPerSecond: total,
    loads: machine.links.flatMap((link) => {
      // Of two directions the busier one says how full it is.
      const ways = (['in', 'out'] as const).map((way) => certain(loadOf.get(nameOf(link.id, way))))
      const bytesPerSecond = Math.max(...ways)
      if (bytesPerSecond === 0) return []
      return [{ link, bytesPerSecond, share: bytesPerSecond / link.bytesPerSecond }]
    }),
    narrowest: narrowest === null ? null : (linkOf.get(narrowest) ?? null),
    alike: alike.length,
    gainWhenDoubled: total === 0 ? 1 : sumOf(maxMinFair(doubled, flows).rateOf) / total,
    ...jobSeconds(design, machine, job, (id) => {
      const isHeldByDrive = linkOf.get(heldBackBy.get(id) ?? '')?.kind === 'platter'
      return { bytesPerSecond: certain(rateOf.get(id)), isHeldByDrive }
    }),
  }
}

/** Kinds of links of which each is as narrow as the next, whatever its rate. */
const COUNTED_TOGETHER: ReadonlySet<LinkKind> = new Set(['platter', 'port', 'network', 'reader'])

/** Links that are counted together: all drives, all ports; of slots, cables and chips those that are equally wide. */
function likeKind(link: Link | undefined): string {
  if (!link) return ''
  const { kind, bytesPerSecond } = link
  return COUNTED_TOGETHER.has(kind) ? kind : `${kind} of ${bytesPerSecond}`
}

/** The first of the kind that is named most often. */
function mostNamed(ids: readonly string[], kind: (id: string) => string): string | null {
  const counts = new Map<string, number>()
  for (const id of ids) counts.set(kind(id), (counts.get(kind(id)) ?? 0) + 1)
  const [first] = [...counts].sort(([, one], [, other]) => other - one)
  return first ? (ids.find((id) => kind(id) === first[0]) ?? null) : null
}
