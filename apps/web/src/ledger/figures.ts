import { binaryBytes } from '@flint/core/drawing'
import type { Design } from '@flint/core/editing'
import type { Evaluation } from '@flint/core/figures'
import { format } from '../controls/locale'

export interface LedgerFigure {
  id: 'working' | 'survived' | 'idle' | 'cost'
  title: string
  /** A short explanation for a builder who does not know the term. */
  hint: string
  /** The number that bars and changes are counted in; null when it is not known. */
  amount: (evaluation: Evaluation) => number | null
  value: (evaluation: Evaluation) => { value: string; unit: string }
  /** What the brief asks for or allows, in the same unit. */
  limit: (design: Design, evaluation: Evaluation) => number | null
  /** Whether the limit is a floor to reach or a ceiling to keep. */
  limitIs: 'wanted' | 'allowed'
  below: (design: Design, evaluation: Evaluation) => string
}

const NOT_KNOWN = { value: 'not known', unit: '' }

/** The figures of the ledger, in its order. */
export const ledgerFigures: readonly LedgerFigure[] = [
  {
    id: 'working',
    title: 'to work with',
    hint: 'Space for files once redundancy, the fill ceiling and the snapshot reserve have had their part.',
    amount: ({ capacity }) => capacity.workingBytes,
    value: ({ capacity }) => binaryBytes(capacity.workingBytes, 1, format.locale),
    limit: (_document, { capacity }) => capacity.wantedBytes || null,
    limitIs: 'wanted',
    below: (_document, { capacity }) =>
      capacity.wantedBytes > 0
        ? `of ${format.space(capacity.wantedBytes)} wanted`
        : `${format.space(capacity.availableBytes)} available when empty`,
  },
  {
    id: 'survived',
    title: 'failures survived',
    hint: 'Drives that may fail together, whichever they are, without loss of data.',
    amount: ({ survival }) => survival.alwaysSurvived,
    value: ({ survival }) =>
      survival.alwaysSurvived === null
        ? { value: 'no pool', unit: '' }
        : survival.alwaysSurvived === 0
          ? { value: 'none', unit: '' }
          : { value: `any ${survival.alwaysSurvived}`, unit: '' },
    limit: ({ brief }) => brief.failuresWanted,
    limitIs: 'wanted',
    below: ({ brief }) =>
      brief.failuresWanted === null ? 'no wish in the brief' : `of ${brief.failuresWanted} wanted`,
  },
  {
    id: 'idle',
    title: 'idle at the wall',
    hint: 'Watts from the socket with the drives spinning and nobody reading.',
    amount: ({ power }) => power.wallWatts,
    value: ({ power }) =>
      power.wallWatts === null ? NOT_KNOWN : { value: format.number(power.wallWatts), unit: 'W' },
    limit: ({ brief }) => brief.idleWattsLimit,
    limitIs: 'allowed',
    below: ({ brief }, { power }) => {
      if (power.wallWatts === null) return 'no power supply chosen'
      const parts = [
        `${format.number(power.lowWallWatts ?? 0)} to ${format.watts(power.highWallWatts ?? 0)}`,
        `${format.roundMoney(power.costPerYearMinor ?? 0, brief.currency)} a year`,
      ]
      if (brief.idleWattsLimit !== null) parts.push(`limit ${format.number(brief.idleWattsLimit)}`)
      return parts.join(' · ')
    },
  },
  {
    id: 'cost',
    title: 'to buy',
    hint: 'All lines that are not owned yet, with shipping.',
    amount: ({ cost }) => cost.totalMinor,
    value: ({ cost }) => ({ value: format.roundMoney(cost.totalMinor, cost.currency), unit: '' }),
    limit: ({ brief }) => brief.costLimitMinor,
    limitIs: 'allowed',
    below: ({ brief }, { cost }) => {
      const parts = [
        brief.costLimitMinor === null
          ? 'no limit set'
          : `of ${format.roundMoney(brief.costLimitMinor, brief.currency)}`,
      ]
      if (cost.ownedPieces > 0) parts.push(`${format.counted(cost.ownedPieces, 'piece')} owned`)
      return parts.join(' · ')
    },
  },
]

/** Whether an amount keeps the brief's limit; null when either is not known. */
export function keepsLimit(
  { limitIs }: Pick<LedgerFigure, 'limitIs'>,
  amount: number | null,
  limit: number | null,
): boolean | null {
  if (amount === null || limit === null) return null
  return limitIs === 'wanted' ? amount >= limit : amount <= limit
}
