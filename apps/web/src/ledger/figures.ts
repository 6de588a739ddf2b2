import { binaryBytes } from '@flint/core/drawing'
import type { Design } from '@flint/core/editing'
import {
  type Amount,
  amountText,
  type DesignSummary,
  type Evaluation,
  type LimitId,
  overBudgetMinor,
  type PowerFigure,
} from '@flint/core/figures'
import { format } from '../controls/locale'
import { payBackText } from '../sheet/payBack'

/** What a figure is read from: an evaluation, or what a list has of it. */
type Shown = Pick<DesignSummary, 'capacity' | 'survival' | 'cost' | 'limits'> & {
  power: DesignSummary['power'] | PowerFigure
}

export interface LedgerFigure {
  id: 'working' | 'survived' | 'idle' | 'cost'
  title: string
  /** A short explanation for a builder who does not know the term. */
  hint: string
  /** The limit of the brief that it stands for. */
  limitId: LimitId
  /** The number that bars and changes are counted in; null when it is not known. */
  amount: (evaluation: Evaluation) => number | null
  value: (evaluation: Shown) => { value: string; unit: string }
  below: (design: Design, evaluation: Evaluation) => string
  /** What stands below instead while a choice is pointed at; empty to leave it. */
  wouldBelow?: (before: Evaluation, after: Evaluation) => string
}

const NOT_KNOWN = { value: 'not known', unit: '' }

/** Whether anything of an amount is missing, so that only the least of it is known. */
const isPartial = (amount: Amount): boolean => amount.missing.length > 0

/** The number beside which a figure must not be rounded to look as if it were on the other side. */
function boundOf(evaluation: Shown, id: LimitId): number | null {
  const bound = limitOf(evaluation, id)?.bound
  if (!bound) return null
  return 'most' in bound ? bound.most : bound.least
}

/** What a list keeps of it, and an evaluation has, under another name. */
function shownWall(power: Shown['power']): Shown['power']['wall'] {
  return 'shown' in power ? power.shown : power.wall
}

/** The other figures beside the one that is shown, where disks sleep or the brief asks for another than spinning. */
function statesText({ wall, asleep, mean, shownState }: PowerFigure): string[] {
  const isPlain = shownState === 'spinning' && asleep !== null && mean !== null
  if (isPlain && Math.round(mean.likely) >= Math.round(wall?.likely ?? 0)) return []
  const others = [
    { state: 'asleep', amount: asleep },
    { state: 'spinning', amount: wall },
    { state: 'mean', amount: mean },
  ].filter(({ state }) => state !== shownState)
  return others.flatMap(({ state, amount }) =>
    amount ? [`${format.number(amount.likely)} ${state}`] : [],
  )
}

/** How the design stands to a limit; null when its brief does not set it. */
export function limitOf<L extends { id: LimitId }>(
  { limits }: { limits: readonly L[] },
  id: LimitId,
): L | null {
  return limits.find((limit) => limit.id === id) ?? null
}

/** The figures of the ledger, in its order. */
export const ledgerFigures: readonly LedgerFigure[] = [
  {
    id: 'working',
    title: 'usable space',
    hint: 'Space for files once redundancy, the fill ceiling and the snapshot reserve have had their part.',
    limitId: 'space',
    amount: ({ capacity }) => capacity.workingBytes,
    value: (evaluation) => {
      const { workingBytes } = evaluation.capacity
      const write = (bytes: number, digits = 1): string =>
        Object.values(binaryBytes(bytes, digits, format.locale)).join(' ')
      const beside = boundOf(evaluation, 'space') ?? workingBytes
      const [value = '', unit = ''] = format.apart(workingBytes, beside, write, 1)[0].split(' ')
      return { value, unit }
    },
    below: (_design, { capacity }) =>
      capacity.wantedBytes > 0
        ? `of ${format.apart(capacity.wantedBytes, capacity.workingBytes, format.space, 1)[0]} wanted`
        : `${format.space(capacity.availableBytes)} available when empty`,
  },
  {
    id: 'survived',
    title: 'failures survived',
    hint: 'Drives that may fail together, whichever they are, without loss of data.',
    limitId: 'failures',
    amount: ({ survival }) => survival.alwaysSurvived,
    value: ({ survival }) =>
      survival.alwaysSurvived === null
        ? { value: 'no pool', unit: '' }
        : survival.alwaysSurvived === 0
          ? { value: 'none', unit: '' }
          : { value: `any ${survival.alwaysSurvived}`, unit: '' },
    below: ({ brief, pools }, { survival }) => {
      const wish =
        brief.failuresWanted === null ? 'no wish in the brief' : `of ${brief.failuresWanted} wanted`
      const weakest = pools.find(({ id }) => id === survival.weakestPoolId)
      return pools.length > 1 && weakest ? `${wish} · in ${weakest.name}` : wish
    },
  },
  {
    id: 'idle',
    title: 'idle at the wall',
    hint: 'Watts from the socket while nobody reads, disks spinning, asleep or on average as the brief asks.',
    limitId: 'idle',
    amount: ({ power }) => power.shown?.likely ?? null,
    value: (evaluation) => {
      const wall = shownWall(evaluation.power)
      if (!wall) return NOT_KNOWN
      const beside = boundOf(evaluation, 'idle') ?? wall.likely
      return { value: amountText(wall, beside, format.number), unit: 'W' }
    },
    wouldBelow: payBackText,
    below: ({ brief }, { power }) => {
      const { shown: wall, costPerYear } = power
      if (!wall || !costPerYear) return 'no power supply chosen'
      const parts = isPartial(wall)
        ? ['more, by what is not given']
        : [
            ...statesText(power),
            `${format.number(wall.low)} to ${format.watts(wall.high)}`,
            `${format.roundMoney(costPerYear.likely, brief.currency)} a year`,
          ]
      const limit = brief.idleWattsLimit
      return [...(limit === null ? [] : [`limit ${format.number(limit, 1)}`]), ...parts].join(' · ')
    },
  },
  {
    id: 'cost',
    title: 'to buy',
    hint: 'All lines that are not owned yet, with shipping.',
    limitId: 'cost',
    amount: ({ cost }) => cost.total.likely,
    value: (evaluation) => {
      const { total, currency } = evaluation.cost
      const beside = boundOf(evaluation, 'cost') ?? total.likely
      const write = (minor: number, digits = 0): string => format.moneyTo(minor, currency, digits)
      return { value: amountText(total, beside, write), unit: '' }
    },
    below: ({ brief }, { cost, limits }) => {
      const { costLimitMinor, costLimitCurrency } = brief
      const overMinor = overBudgetMinor(limits)
      const [spent, toSpend] = [cost.spent.likely, cost.now.likely + cost.later.likely]
      const parts = [
        costLimitMinor === null
          ? 'no limit set'
          : `of ${format.roundMoney(costLimitMinor, costLimitCurrency ?? brief.currency)}`,
        ...(overMinor === null ? [] : [`${overText(overMinor, brief.currency)} over`]),
        ...(spent > 0
          ? [
              `${format.roundMoney(spent, brief.currency)} spent, ${format.roundMoney(toSpend, brief.currency)} to spend`,
            ]
          : []),
      ]
      if (cost.ownedPieces > 0) parts.push(`${format.counted(cost.ownedPieces, 'piece')} owned`)
      return parts.join(' · ')
    },
  },
]

/** Never shown as nothing, however little it is. */
const overText = (minor: number, currency: string): string =>
  format.apart(minor, 0, (value, digits = 0) => format.moneyTo(value, currency, digits))[0]

/** What of the brief a figure is held against, as a bar shows it. */
export function barLimit(evaluation: Evaluation, { limitId }: LedgerFigure): number | null {
  return boundOf(evaluation, limitId)
}
