import type { CataloguePart } from '../catalogue/partKinds'
import { bayPlan } from '../design/bayUse'
import type { DesignDocument } from '../design/document'
import { fitPart } from '../design/edits/fitPart'
import { dropPins, keepMembers, pinCard } from '../design/edits/pinPaths'
import { removeParts } from '../design/edits/removeParts'
import { fittedOfKind, fittedOne } from '../design/fittedParts'
import { cardsOf } from '../fit/cards'
import { takesEdge } from './placeCards'
import { placementsOf } from './placements'
import { type ScenarioRates, scenarioRates } from './scenarioRates'
import type { Scenario, ScenarioChoice } from './scenarios/scenario'
import { type Topology, topologyOf } from './topology'

/** One change that might widen what is narrow; plain data, so that a worker can send it. */
export type WideningChange =
  | { kind: 'slot'; cardId: string; slot: number }
  | { kind: 'free' }
  | { kind: 'swap'; partId: string; slug: string }
  | { kind: 'add'; slug: string }

export interface Widening {
  change: WideningChange
  /** "Sixteen in slot 3 instead of 1". */
  words: string
  bytesPerSecond: number
  /** How many times the rate of the design as it is. */
  factor: number
}

/** Less than this is not worth a screwdriver. */
const WORTH_WHILE = 1.02

/**
 * What would make a kind of work quicker: another slot, other cables, another controller or network card?
 *
 * Each change is made in thought, everything is worked out anew, and what helps is told, the most first. A
 * change that leaves a drive or a card without a place does not count.
 *
 * @param parts what may be bought: controllers and network cards of the catalogue are tried
 * @returns at most `most`; of changes of one kind to one part only the smallest that gains as much
 */
export function widenings(
  document: DesignDocument,
  scenario: Scenario,
  choice: ScenarioChoice,
  parts: readonly CataloguePart[],
  most = 5,
): Widening[] {
  const now = standing(document, scenario, choice)
  if (now.rates.bytesPerSecond === 0) return []
  const found: Widening[] = []
  for (const { change, words } of changes(document, now, parts)) {
    const changed = applyWidening(document, change, parts)
    const then = standing(changed, scenario, choice)
    const factor = then.rates.bytesPerSecond / now.rates.bytesPerSecond
    if (factor < WORTH_WHILE || losesMore(then.topology, now.topology)) continue
    found.push({ change, words, bytesPerSecond: then.rates.bytesPerSecond, factor })
  }
  // Changes that cost nothing come before those that gain as much and must be bought.
  found.sort((one, other) => other.factor - one.factor || price(one, parts) - price(other, parts))
  const seen = new Set<string>()
  return found
    .filter(({ change, factor }) => {
      const key = `${change.kind} ${factor.toFixed(2)}`
      return !seen.has(key) && seen.add(key)
    })
    .slice(0, most)
}

/** The design with a change made. */
export function applyWidening(
  document: DesignDocument,
  change: WideningChange,
  parts: readonly CataloguePart[],
): DesignDocument {
  if (change.kind === 'slot') return pinCard(document, change.cardId, change.slot)
  if (change.kind === 'free') return keepMembers(dropPins(document), 'spread')
  const part = parts.find(({ slug }) => slug === change.slug)
  if (!part) return document
  const before = change.kind === 'swap' ? removeParts(document, [change.partId]) : document
  return fitPart(before, part)
}

interface Standing {
  topology: Topology
  rates: ScenarioRates
}

function standing(document: DesignDocument, scenario: Scenario, choice: ScenarioChoice): Standing {
  const topology = topologyOf(document, bayPlan(document))
  return { topology, rates: scenarioRates(document, topology, scenario, choice) }
}

function losesMore(then: Topology, now: Topology): boolean {
  const left = (topology: Topology): number =>
    topology.unreachedIds.length + (topology.placement?.leftIds.length ?? 0)
  return left(then) > left(now)
}

/** What might help, from what holds back; nothing helps where only platters do. */
function changes(
  document: DesignDocument,
  { rates, topology }: Standing,
  parts: readonly CataloguePart[],
): Pick<Widening, 'change' | 'words'>[] {
  const holding = [...new Set(rates.flows.flatMap(({ heldBackBy }) => heldBackBy?.id ?? []))]
  const isNetwork = holding.some((id) => id.startsWith('network-'))
  const isInside = holding.some((id) => !/^(drive|network)-/.test(id))
  const found: Pick<Widening, 'change' | 'words'>[] = []
  if (isInside) {
    found.push(...slotChanges(document))
    const { cardPins, portPins, members } = document.paths
    if (cardPins.length + portPins.length > 0 || members === 'together') {
      found.push({ change: { kind: 'free' }, words: 'Cards and cables where they go best' })
    }
    for (const { part, sheet } of fittedOfKind(document, 'controller')) {
      for (const { slug, sheet: other } of parts) {
        if (other.kind !== 'controller' || other.model === sheet.model) continue
        const change = { kind: 'swap', partId: part.id, slug } as const
        found.push({ change, words: `${other.model} instead of ${sheet.model}` })
      }
    }
  }
  if (isNetwork || (isInside && topology.network.length > 0)) {
    for (const { slug, sheet } of parts) {
      if (sheet.kind !== 'nic') continue
      found.push({ change: { kind: 'add', slug }, words: `${sheet.model} added` })
    }
  }
  return found
}

function slotChanges(document: DesignDocument): Pick<Widening, 'change' | 'words'>[] {
  const slots = fittedOne(document, 'board')?.sheet.slots ?? []
  const placed = placementsOf(document)[0]?.placed ?? []
  return cardsOf(document).flatMap(({ part, sheet }) => {
    const at = placed.find(({ cardId }) => cardId === part.id)
    return slots.flatMap((slot, index) => {
      if (index === at?.slot || !takesEdge(slot, { lanes: sheet.lanes ?? 16 })) return []
      const instead = at ? ` instead of ${at.slot + 1}` : ''
      const change = { kind: 'slot', cardId: part.id, slot: index + 1 } as const
      return [{ change, words: `${sheet.model} in slot ${index + 1}${instead}` }]
    })
  })
}

function price({ change }: Widening, parts: readonly CataloguePart[]): number {
  if (change.kind === 'slot' || change.kind === 'free') return 0
  const sheet = parts.find(({ slug }) => slug === change.slug)?.sheet
  return sheet?.price?.unitMinor ?? Number.MAX_SAFE_INTEGER
}
