import { minorPerMajor } from '@flint/core/drawing'
import { type Design, fittedOne, partKinds } from '@flint/core/editing'
import {
  type Amount,
  amountText,
  averagePricePerKilowattHourMinor,
  type BillLine,
  type Evaluation,
  familyOf,
  type PowerFigure,
  type PowerTerm,
} from '@flint/core/figures'
import { format } from '../controls/locale'
import type { LedgerFigure } from './figures'

export interface Term {
  label: string
  value: string
}

export interface WorkingsText {
  title: string
  /** The formula in words. */
  formula: string
  /** The last one is the result. */
  terms: Term[]
  /** A published source, or a plain word that there is none. */
  source: string
}

type WorkingsFunction = (design: Design, evaluation: Evaluation) => WorkingsText

/** How a figure of the ledger was worked out. */
export function workingsOf(
  id: LedgerFigure['id'],
  design: Design,
  evaluation: Evaluation,
): WorkingsText {
  return workings[id](design, evaluation)
}

const workings: Record<LedgerFigure['id'], WorkingsFunction> = {
  working: ({ houseRules, pools, tenants }, { capacity }) => ({
    title: 'Usable space',
    formula:
      'Space the file system offers when empty, times the fill ceiling less the snapshot reserve, times what compression is taken to save where the layout compresses. These are house rules, set in the brief.',
    terms: [
      { label: 'Raw, as sold (decimal)', value: format.drive(capacity.rawBytes) },
      ...(capacity.poolSizeBytes === null
        ? []
        : [
            {
              label: 'Pool size, as zpool list shows it',
              value: format.space(capacity.poolSizeBytes, 2),
            },
          ]),
      ...(capacity.strandedBytes > 0
        ? [
            {
              label: 'Idle on drives of other sizes (decimal)',
              value: format.drive(capacity.strandedBytes),
            },
          ]
        : []),
      {
        label: 'Available when empty',
        value: format.space(capacity.availableBytes, 2),
      },
      { label: 'Available, to the byte', value: `${format.number(capacity.availableBytes)} B` },
      { label: 'Fill ceiling', value: format.percent(houseRules.fillCeiling) },
      { label: 'Snapshot reserve', value: format.percent(houseRules.snapshotReserve) },
      ...(houseRules.compressionRatio === 1
        ? []
        : [
            { label: 'Compression, assumed', value: format.number(houseRules.compressionRatio, 2) },
          ]),
      ...scratchTerms(capacity, tenants.scratchPoolIds),
      { label: 'Usable space', value: format.space(capacity.workingBytes, 2) },
    ],
    source: [
      ...new Set(pools.map((pool) => familyOf(pool).source)),
      'The fill ceiling of 80 % is common practice, no source.',
    ].join(' '),
  }),

  survived: (design, { survival }) => ({
    title: 'Failures survived',
    formula:
      'Every set of failed drives is counted. A set is survived when no group loses more members than it tolerates, so that no data is gone; the share is surviving sets over all sets.',
    terms: [
      ...survival.pools.flatMap(({ poolId, survival: { byFailures, alwaysSurvived } }) => {
        const name = design.pools.find(({ id }) => id === poolId)?.name ?? poolId
        return byFailures.slice(0, alwaysSurvived + 3).map(({ failures, ...row }) => ({
          label: `${name}: ${format.counted(failures, 'drive')} gone`,
          value: `${row.survivingSets} of ${row.sets} (${format.percent(row.survivingShare, 1)})`,
        }))
      }),
      {
        label: 'Survived whichever fail, in the weakest pool',
        value: survival.alwaysSurvived === null ? 'no pool' : `any ${survival.alwaysSurvived}`,
      },
    ],
    source:
      'Counting with generating polynomials, checked against enumeration of every subset. Failed controllers, cables and power leads are not in it. Redundancy is not a backup.',
  }),

  idle: (design, { power }) => {
    const { brief } = design
    const { shown, costPerYear, dc } = power
    const supply = fittedOne(design, 'supply')?.sheet
    const term = ({ kind, state, pieces, watts }: PowerTerm): Term => {
      const { one, many } = partKinds[kind].words
      const name = `${pieces === 1 ? one : many}${state ? `, ${STATE_WORDS[state]}` : ''}`
      return {
        label: pieces > 1 ? `${name}, ${pieces} pieces` : name,
        value: format.watts(watts, 1),
      }
    }
    return {
      title: 'Idle at the wall',
      formula:
        'Idle watts of all parts, disks spinning, what the supply loses at that load, and what stands beside the machine. Each part is expected to draw 10 % less to 25 % more, one that was measured 3 % either way. A year goes by what the machine does in each hour, with the price of that hour.',
      terms: [
        ...power.terms.filter(({ isBeside }) => !isBeside).map(term),
        { label: 'Behind the supply', value: format.watts(dc.likely, 1) },
        ...(supply && power.efficiency !== null
          ? [
              {
                label: `Efficiency of ${supply.maker} ${supply.model}, ${supply.certificate}, at ${format.percent(dc.likely / (supply.modules ?? 1) / supply.ratedWatts)} load${supply.modules === 2 ? ' of each module' : ''}, ${brief.mainsVolts} V`,
                value: format.percent(power.efficiency, 1),
              },
            ]
          : []),
        ...power.terms
          .filter(({ isBeside }) => isBeside)
          .map(term)
          .map(({ label, value }) => ({ label: `Beside the machine: ${label}`, value })),
        ...(power.kilowattHoursPerYear === null || costPerYear === null
          ? []
          : [
              { label: 'Energy a year', value: `${format.number(power.kilowattHoursPerYear)} kWh` },
              {
                label: `At ${format.number(averagePricePerKilowattHourMinor(brief) / minorPerMajor(brief.currency), 4)} ${brief.currency} a kWh${brief.priceBands.length > 0 ? ' on average over the day' : ''}`,
                value: `${format.roundMoney(costPerYear.likely, brief.currency)} a year`,
              },
            ]),
        ...otherStates(power),
        { label: SHOWN_WORDS[power.shownState], value: spanText(shown) },
      ],
      source:
        'Part watts from the data sheets. Certificate levels from memory; below their lowest load lies a band, since nobody has measured there. What is expected of parts is common practice, no source: measured idle is usually above the estimate.',
    }
  },

  cost: (_document, { cost }) => ({
    title: 'To buy',
    formula:
      'Pieces not owned, times their price less a discount, plus shipping once a line or its share of an order; other currencies by your rates, tax where it comes on top.',
    terms: [
      ...cost.lines.map((line) => ({
        label: `${line.name}${line.owned > 0 ? ` (${line.owned} owned)` : ''}`,
        value: lineText(line, cost.currency),
      })),
      { label: 'Of this, shipping', value: format.money(cost.shippingMinor, cost.currency) },
      {
        label: 'To buy',
        value: amountText(cost.total, cost.total.likely, (minor) =>
          format.money(minor, cost.currency),
        ),
      },
    ],
    source: 'Prices of the catalogue as they were when the part was chosen.',
  }),
}

/** What pools for scratch would hold, which is no space for anything else. */
function scratchTerms(
  { pools }: Evaluation['capacity'],
  scratchPoolIds: readonly string[],
): WorkingsText['terms'] {
  const bytes = pools
    .filter(({ poolId }) => scratchPoolIds.includes(poolId))
    .reduce((sum, { workingBytes }) => sum + workingBytes, 0)
  return bytes === 0 ? [] : [{ label: 'Less pools for scratch', value: format.space(bytes, 2) }]
}

const STATE_WORDS: Record<NonNullable<PowerTerm['state']>, string> = {
  asleep: 'asleep',
  idle: 'deep idle',
  'kept awake': 'kept from deep idle',
  busy: 'busy',
}

function lineText(line: BillLine, currency: string): string {
  const { pieces, price, standing, discountMinor, orderMinor, sumMinor, totalMinor } = line
  if (pieces === 0) return standing
  if (!price) return `${format.number(pieces)} × not known`
  const asked = (minor: number): string => format.money(minor, price.currency)
  const parts = [
    `${format.number(pieces)} × ${asked(price.unitMinor)}`,
    ...(discountMinor > 0 ? [`− ${asked(discountMinor)}`] : []),
    price.shippingMinor === null ? '+ shipping not known' : `+ ${asked(price.shippingMinor)}`,
    ...(orderMinor === 0
      ? []
      : [
          `${orderMinor > 0 ? '+' : '−'} ${format.money(Math.abs(orderMinor), currency)} of its order`,
        ]),
  ]
  // Rates and tax are in what is paid, and in none of these.
  const isPlain = price.currency === currency && sumMinor === totalMinor + orderMinor
  const sum = sumMinor === null ? 'no rate' : format.money(sumMinor, currency)
  return isPlain ? parts.join(' ') : `${parts.join(' ')} = ${sum}`
}

/** The figure that the brief is about, and the two others. */
const SHOWN_WORDS: Record<PowerFigure['shownState'], string> = {
  spinning: 'Idle at the wall, disks spinning',
  asleep: 'Idle at the wall, disks asleep',
  mean: 'At the wall, mean of a week',
}

function otherStates({ wall, asleep, mean, shownState }: PowerFigure): Term[] {
  const all = { spinning: wall, asleep, mean }
  return (['asleep', 'spinning', 'mean'] as const)
    .filter((state) => state !== shownState)
    .map((state) => ({ label: SHOWN_WORDS[state], value: spanText(all[state]) }))
}

function spanText(amount: Amount<'W'> | null): string {
  if (amount === null) return 'not known'
  return amount.missing.length > 0
    ? `at least ${format.watts(amount.low)}`
    : `${format.number(amount.low)} to ${format.watts(amount.high)}, likely ${format.number(amount.likely)}`
}
