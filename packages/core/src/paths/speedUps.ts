import { certain } from '../units/certain'
import type { CataloguePart } from '../catalogue/partKinds'
import type { Design } from '../design/design'
import { applyEdit, type Edit } from '../design/edits/edit'
import { fittedOfKind } from '../design/fittedParts'
import { isFree } from '../design/pathChoices'
import { cardsOf, slotNeedOf } from '../machine/cards'
import { type Machine, pieceOf } from '../machine/machine'
import { takesEdge } from '../machine/placement/places'
import { resolveMachine } from '../machine/resolveMachine'
import { type ScenarioRates, scenarioRates } from './scenarioRates'
import type { Scenario, ScenarioChoice } from './scenarios/scenario'

/** One change that might widen what is narrow; plain data, so that a worker can send it. */
export type SpeedUpChange =
  | { kind: 'slot'; cardId: string; slot: number }
  | { kind: 'free' }
  | { kind: 'swap'; partIds: string[]; slug: string }
  | { kind: 'add'; slug: string }

export interface SpeedUp {
  change: SpeedUpChange
  /** "Sixteen in slot 3 instead of 1". */
  words: string
  bytesPerSecond: number
  /** How many times the rate of the design as it is. */
  factor: number
}

/** Less than this is not worth a screwdriver. */
export const WORTH_WHILE = 1.02

/**
 * What would make a kind of work quicker: another slot, other cables, another controller or network card?
 *
 * Each change is made in thought, everything is worked out anew, and what helps is told, the most first. A
 * change that leaves a drive or a card without a place does not count.
 *
 * @param parts what may be bought: controllers and network cards of the catalogue are tried
 * @returns at most `most`; of changes of one kind to one part only the smallest that gains as much
 */
export function speedUps(
  design: Design,
  scenario: Scenario,
  choice: ScenarioChoice,
  parts: readonly CataloguePart[],
  most = 5,
): SpeedUp[] {
  const now = standing(design, scenario, choice)
  if (now.rates.bytesPerSecond === 0) return []
  const found: SpeedUp[] = []
  for (const { change, words } of changes(design, now, parts)) {
    const edit = speedUpEdit({ change, words }, parts)
    const changed = edit ? applyEdit(design, edit) : design
    const then = standing(changed, scenario, choice, now.machine)
    const factor = then.rates.bytesPerSecond / now.rates.bytesPerSecond
    if (factor < WORTH_WHILE || losesMore(then.machine, now.machine)) continue
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

/** A change as an edit; null for a part that the catalogue does not have. */
export function speedUpEdit(
  { change, words }: Pick<SpeedUp, 'change' | 'words'>,
  parts: readonly CataloguePart[],
): Edit | null {
  if (change.kind === 'slot') {
    return { do: 'pin-card', cardId: change.cardId, slot: change.slot }
  }
  if (change.kind === 'free') return { do: 'free-paths' }
  const part = parts.find(({ slug }) => slug === change.slug)
  if (!part) return null
  const fit = { do: 'fit', part, beside: false } as const
  if (change.kind === 'add') return fit
  const { partIds } = change
  // Equal ones hold back together: as many are put in their place.
  const fits = partIds.map(() => fit)
  return { do: 'several', what: words, edits: [{ do: 'remove', partIds }, ...fits] }
}

interface Standing {
  machine: Machine
  rates: ScenarioRates
}

function standing(
  design: Design,
  scenario: Scenario,
  choice: ScenarioChoice,
  before?: Machine,
): Standing {
  const machine = resolveMachine(design, before)
  return { machine, rates: scenarioRates(design, machine, scenario, choice) }
}

function losesMore(then: Machine, now: Machine): boolean {
  const left = ({ wiring, placement }: Machine): number =>
    [...wiring.data.unreachedIds, ...placement.leftIds].length
  return left(then) > left(now)
}

/** What might help, from what holds back; nothing helps where only platters do. */
function changes(
  design: Design,
  { rates, machine }: Standing,
  parts: readonly CataloguePart[],
): Pick<SpeedUp, 'change' | 'words'>[] {
  const holding = new Set(rates.flows.flatMap(({ heldBackBy }) => heldBackBy?.kind ?? []))
  const isNetwork = holding.has('network')
  const isInside = [...holding].some((kind) => kind !== 'platter' && kind !== 'network')
  const found: Pick<SpeedUp, 'change' | 'words'>[] = []
  if (isInside) {
    found.push(...slotChanges(machine))
    if (!isFree(design.paths)) {
      found.push({ change: { kind: 'free' }, words: 'Cards and cables where they go best' })
    }
    for (const { model, partIds } of equalControllers(design)) {
      for (const { slug, sheet: other } of parts) {
        if (other.kind !== 'controller' || other.model === model) continue
        const count = partIds.length > 1 ? `${partIds.length} × ` : ''
        found.push({
          change: { kind: 'swap', partIds, slug },
          words: `${count}${other.model} instead of ${model}`,
        })
      }
    }
  }
  if (isNetwork || (isInside && machine.networkPaths.length > 0)) {
    for (const { slug, sheet } of parts) {
      if (sheet.kind !== 'nic') continue
      found.push({ change: { kind: 'add', slug }, words: `${sheet.model} added` })
    }
  }
  return found
}

/** The controllers of a design, those of one model together. */
function equalControllers(design: Design): { model: string; partIds: string[] }[] {
  const byModel = new Map<string, string[]>()
  for (const { part, sheet } of fittedOfKind(design, 'controller')) {
    byModel.set(sheet.model, [...(byModel.get(sheet.model) ?? []), part.id])
  }
  return [...byModel].map(([model, partIds]) => ({ model, partIds }))
}

/** Source: PCI Express CEM specification (from memory). */
export const LONGEST_SLOT_LANES = 16

function slotChanges(machine: Machine): Pick<SpeedUp, 'change' | 'words'>[] {
  const slots = pieceOf(machine, 'board')?.dataSheet.slots ?? []
  return cardsOf(machine).flatMap(({ id, dataSheet }) => {
    const at = machine.placement.placed.find(({ pieceId }) => pieceId === id)?.root.number
    const { bus, lanes } = certain(slotNeedOf(dataSheet))
    // One that does not say how long it is goes into the longest alone.
    const edge = { bus, lanes: lanes ?? LONGEST_SLOT_LANES }
    return slots.flatMap((slot, index) => {
      if (index + 1 === at || !takesEdge(slot, edge)) return []
      const instead = at === undefined ? '' : ` instead of ${at}`
      const change = { kind: 'slot', cardId: id, slot: index + 1 } as const
      return [{ change, words: `${dataSheet.model} in slot ${index + 1}${instead}` }]
    })
  })
}

function price({ change }: SpeedUp, parts: readonly CataloguePart[]): number {
  if (change.kind === 'slot' || change.kind === 'free') return 0
  const part = parts.find(({ slug }) => slug === change.slug)
  return part?.price?.unitMinor ?? Number.MAX_SAFE_INTEGER
}
