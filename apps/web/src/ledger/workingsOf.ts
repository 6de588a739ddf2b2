import {
  type BillLine,
  type DesignDocument,
  type Evaluation,
  familyOf,
  fittedOne,
  minorPerMajor,
} from '@flint/core'
import { say } from '../controls/locale'
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

type WorkingsFunction = (document: DesignDocument, evaluation: Evaluation) => WorkingsText

/** How a figure of the ledger was worked out. */
export function workingsOf(
  id: LedgerFigure['id'],
  document: DesignDocument,
  evaluation: Evaluation,
): WorkingsText {
  return workings[id](document, evaluation)
}

const workings: Record<LedgerFigure['id'], WorkingsFunction> = {
  working: ({ houseRules, pools }, { capacity }) => ({
    title: 'To work with',
    formula:
      'Space the file system offers when empty, times the fill ceiling less the snapshot reserve, times what compression is taken to save where the layout compresses. These are house rules, set in the brief.',
    terms: [
      { label: 'Raw, as sold (decimal)', value: say.drive(capacity.rawBytes) },
      ...(capacity.poolSizeBytes === null
        ? []
        : [
            {
              label: 'Pool size, as zpool list shows it',
              value: say.space(capacity.poolSizeBytes, 2),
            },
          ]),
      ...(capacity.strandedBytes > 0
        ? [
            {
              label: 'Idle on drives of other sizes (decimal)',
              value: say.drive(capacity.strandedBytes),
            },
          ]
        : []),
      {
        label: 'Available when empty',
        value: say.space(capacity.availableBytes, 2),
      },
      { label: 'Available, to the byte', value: `${say.number(capacity.availableBytes)} B` },
      { label: 'Fill ceiling', value: say.percent(houseRules.fillCeiling) },
      { label: 'Snapshot reserve', value: say.percent(houseRules.snapshotReserve) },
      ...(houseRules.compressionRatio === 1
        ? []
        : [{ label: 'Compression, assumed', value: say.number(houseRules.compressionRatio, 2) }]),
      { label: 'To work with', value: say.space(capacity.workingBytes, 2) },
    ],
    source: [
      ...new Set(pools.map((pool) => familyOf(pool).source)),
      'The fill ceiling of 80 % is common practice, no source.',
    ].join(' '),
  }),

  survived: (document, { survival }) => ({
    title: 'Failures survived',
    formula:
      'Every set of failed drives is counted. A set is survived when no group loses more members than it bears, so that no data is gone; the share is surviving sets over all sets.',
    terms: [
      ...survival.pools.flatMap(({ poolId, survival: { byFailures, alwaysSurvived } }) => {
        const name = document.pools.find(({ id }) => id === poolId)?.name ?? poolId
        return byFailures.slice(0, alwaysSurvived + 3).map(({ failures, ...row }) => ({
          label: `${name}: ${say.counted(failures, 'drive')} gone`,
          value: `${row.survivingSets} of ${row.sets} (${say.percent(row.survivingShare, 1)})`,
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

  idle: (document, { power }) => {
    const { brief } = document
    const supply = fittedOne(document, 'supply')?.sheet
    return {
      title: 'Idle at the wall',
      formula:
        'Idle watts of all parts, drives spinning, divided by the efficiency of the supply at that load; a year is 8,760 hours. The band around it is 10 % less and 25 % more.',
      terms: [
        ...power.terms.map(({ label, pieces, watts }) => ({
          label: pieces > 1 ? `${label}, ${pieces} pieces` : label,
          value: say.watts(watts, 1),
        })),
        { label: 'Behind the supply', value: say.watts(power.dcWatts, 1) },
        ...(supply && power.efficiency !== null
          ? [
              {
                label: `Efficiency of ${supply.maker} ${supply.model}, ${supply.certificate}, at ${say.percent(power.dcWatts / supply.ratedWatts)} load, ${brief.mainsVolts} V`,
                value: say.percent(power.efficiency, 1),
              },
            ]
          : []),
        ...(power.kilowattHoursPerYear === null
          ? []
          : [
              { label: 'Energy a year', value: `${say.number(power.kilowattHoursPerYear)} kWh` },
              {
                label: `At ${say.number(brief.pricePerKilowattHourMinor / minorPerMajor(brief.currency), 4)} ${brief.currency} a kWh`,
                value: `${say.money(power.costPerYearMinor ?? 0, brief.currency)} a year`,
              },
            ]),
        {
          label: 'Idle at the wall',
          value:
            power.wallWatts === null
              ? 'not known'
              : `${say.number(power.lowWallWatts ?? 0)} to ${say.watts(power.highWallWatts ?? 0)}, likely ${say.number(power.wallWatts)}`,
        },
      ],
      source:
        'Part watts from the data sheets. Certificate levels from memory; below their lowest point the loss curve is continued. The band is common practice, no source: measured idle is usually above the estimate.',
    }
  },

  cost: (_document, { cost }) => ({
    title: 'To buy',
    formula: 'Pieces not owned, times their price, plus shipping once a line.',
    terms: [
      ...cost.lines.map((line) => ({
        label: `${line.name}${line.owned > 0 ? ` (${line.owned} owned)` : ''}`,
        value: lineText(line),
      })),
      { label: 'Of this, shipping', value: say.money(cost.shippingMinor, cost.currency) },
      { label: 'To buy', value: say.money(cost.totalMinor, cost.currency) },
    ],
    source: 'Prices of the catalogue as they were when the part was chosen.',
  }),
}

function lineText({ pieces, price }: BillLine): string {
  if (pieces === 0) return 'owned'
  if (!price) return `${say.number(pieces)} × not known`
  const { unitMinor, shippingMinor, currency } = price
  return `${say.number(pieces)} × ${say.money(unitMinor, currency)} + ${say.money(shippingMinor, currency)}`
}
