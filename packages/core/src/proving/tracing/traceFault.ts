import type { SwapTrial } from '../../design/bench'
import type { PieceId } from '../../machine/piece'
import { PRIORS, type Suspect } from './suspects'

/**
 * Errors of a drive that came together: on the way between it and its controller, or on its own platters or cells. Those
 * of another time are an entry of their own, and tell more than more of the same burst.
 */
export interface DriveErrors {
  driveId: PieceId
  kind: 'interface' | 'medium'
  /** How many; a thousand in one burst are hardly more telling than ten. */
  count: number
}

export interface Evidence {
  errors: readonly DriveErrors[]
  /** Drives that moved as much as the others, and had none. */
  cleanIds: readonly PieceId[]
  trials: readonly Pick<SwapTrial, 'moved' | 'outcome'>[]
}

/** Suspects that nothing seen so far tells apart, and how likely one of them is at fault. */
export interface RankedSuspects {
  suspects: Suspect[]
  probability: number
}

/** An error that nothing in the model explains: a cosmic ray, a plug touched while it ran. */
const STRAY = 0.02
/** A drive behind a faulty part shows no errors all the same. */
const STAYS_CLEAN = 0.5
/** A swap is read wrongly. */
const MISREAD = 0.05
/** Suspects that are looked at two at a time; a machine of 24 drives has forty. */
const MOST_PAIRED = 100
/** Most errors of one drive that count as separate ones. */
const MOST_OF_ONE = 4

/**
 * Whose fault is it?
 *
 * Bayes over every suspect and every pair of them at fault together. Each cause has the prior odds of its kind. An
 * error falls on any of the drives behind what is faulty with the same chance, so that the smallest part that explains
 * all errors comes first; errors on platters or cells come from the drive alone. Drives that were busy and clean speak
 * against all that they hang on, and a swap against one side of it. Suspects with the same drives and the same trials
 * stand together, as nothing seen so far can tell them apart.
 *
 * Source: Bayes' theorem; that errors fall evenly, the chances above and the priors are ours.
 *
 * @returns the likeliest first; empty without an error
 */
export function traceFault(
  suspects: readonly Suspect[],
  { errors, cleanIds, trials }: Evidence,
): RankedSuspects[] {
  const events = errors.flatMap(({ driveId, kind, count }) =>
    Array.from({ length: eventsOf(count) }, () => ({ driveId, kind })),
  )
  if (events.length === 0) return []
  const classes = alike(suspects, trials)
  const drives = new Set(suspects.flatMap(({ driveIds }) => driveIds))
  const likelihood = (hypothesis: readonly SuspectClass[]): number => {
    const behind = new Set(hypothesis.flatMap(({ driveIds }) => [...driveIds]))
    const faulty = new Set(
      hypothesis.flatMap(({ driveIds, isDrive }) => (isDrive ? [...driveIds] : [])),
    )
    let product = 1
    for (const { driveId, kind } of events) {
      const among = kind === 'medium' ? faulty : behind
      const hit = among.has(driveId) ? (1 - STRAY) / among.size : 0
      product *= hit + STRAY / Math.max(1, drives.size)
    }
    for (const id of cleanIds) if (behind.has(id)) product *= STAYS_CLEAN
    return product
  }
  const weights = classes.map(() => 0)
  let all = 0
  const add = (indexes: readonly number[]): void => {
    const hypothesis = indexes.flatMap((index) => classes[index] ?? [])
    const odds = hypothesis.reduce((product, one) => product * one.odds * one.afterTrials, 1)
    const weight = odds * likelihood(hypothesis)
    all += weight
    for (const index of indexes) weights[index] = (weights[index] ?? 0) + weight
  }
  classes.forEach((_, one) => {
    add([one])
  })
  // Pairs are as many as the square of the suspects, so of hundreds only the likeliest are paired.
  const paired = weights
    .map((weight, index) => ({ weight, index }))
    .sort((one, other) => other.weight - one.weight)
    .slice(0, MOST_PAIRED)
    .map(({ index }) => index)
  paired.forEach((one, at) => {
    for (const other of paired.slice(at + 1)) add([one, other])
  })
  return classes
    .map(({ members }, index) => ({
      suspects: members,
      probability: all === 0 ? 0 : (weights[index] ?? 0) / all,
    }))
    .sort((one, other) => other.probability - one.probability)
}

/** @example eventsOf(1) // 1 */
export const eventsOf = (count: number): number =>
  count <= 0 ? 0 : Math.min(MOST_OF_ONE, 1 + Math.floor(Math.log10(count)))

interface SuspectClass {
  members: Suspect[]
  driveIds: ReadonlySet<PieceId>
  /** Of one of them at fault. */
  odds: number
  /** What the swaps say of it. */
  afterTrials: number
  isDrive: boolean
}

function alike(suspects: readonly Suspect[], trials: Evidence['trials']): SuspectClass[] {
  const classes = new Map<string, SuspectClass>()
  for (const one of suspects) {
    const moved = trials.map((trial) => trial.moved.includes(one.id))
    const isDrive = one.kind === 'drive'
    const key = JSON.stringify([isDrive, [...one.driveIds].sort(), moved])
    const prior = PRIORS[one.kind]
    const before = classes.get(key)
    if (before) {
      before.members.push(one)
      before.odds += prior / (1 - prior)
      continue
    }
    const afterTrials = trials.reduce((product, { outcome }, index) => {
      const speaksFor = moved[index] === (outcome === 'errors went with it')
      return product * (speaksFor ? 1 - MISREAD : MISREAD)
    }, 1)
    classes.set(key, {
      members: [one],
      driveIds: new Set(one.driveIds),
      odds: prior / (1 - prior),
      afterTrials,
      isDrive,
    })
  }
  for (const { members } of classes.values()) {
    members.sort((one, other) => PRIORS[other.kind] - PRIORS[one.kind])
  }
  return [...classes.values()]
}
