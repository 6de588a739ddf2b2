import { z } from 'zod'
import { shortText } from '../catalogue/sheetFields'
import { RISES } from '../design/money'
import { breakEven, MOST_MONTHS } from './breakEven'
import { breakEvenSensitivity } from './breakEvenSensitivity'
import type { CostStream } from './costStream'

const money = z.number().min(0).max(1e12)

const costs = {
  once: money.default(0),
  perMonth: money.default(0),
  risePercent: z.number().min(-50).max(100).default(0),
  rise: z.enum(RISES).default('yearly steps'),
}

/** What is asked from the command line: what the machine costs, and what it stands against, in any one currency. */
export const breakEvenRequest = z.strictObject({
  months: z.int().min(1).max(MOST_MONTHS).default(240),
  costs: z.array(z.strictObject(costs)).min(1).max(50),
  alternatives: z
    .array(z.strictObject({ name: shortText, ...costs }))
    .min(1)
    .max(50),
})
export type BreakEvenRequest = z.infer<typeof breakEvenRequest>

interface BreakEvenAnswer {
  name: string
  month: number | null
  /** The same if all of its rises were of that kind. */
  monthByRise: Record<CostStream['rise'], number | null>
  neededPerMonth: number | null
  sensitivity: { assumption: string; lower: number | null; higher: number | null }[]
  curve: { month: number; own: number; other: number }[]
}

/** When the machine has cost no more than each of what it stands against: month and curve. */
export function answerBreakEven({
  months,
  costs: own,
  alternatives,
}: BreakEvenRequest): BreakEvenAnswer[] {
  const streams = own.map(streamOf)
  return alternatives.map((alternative) => {
    const other = streamOf(alternative)
    const answer = breakEven(streams, [other], months)
    const monthBy = (rise: CostStream['rise']): number | null =>
      breakEven(streams, [{ ...other, rise }], months).month
    return {
      name: alternative.name,
      month: answer.month,
      monthByRise: { 'yearly steps': monthBy('yearly steps'), smooth: monthBy('smooth') },
      neededPerMonth: answer.neededPerMonthMinor,
      sensitivity: breakEvenSensitivity(streams, [other], months).map(
        ({ assumption, lower, higher }) => ({ assumption, lower, higher }),
      ),
      curve: answer.curve.map(({ month, ownMinor, otherMinor }) => ({
        month,
        own: ownMinor,
        other: otherMinor,
      })),
    }
  })
}

/** The sums are the same in any unit of money, so nothing is turned into cents. */
const streamOf = ({
  once,
  perMonth,
  risePercent,
  rise,
}: BreakEvenRequest['costs'][number]): CostStream => ({
  onceMinor: once,
  perMonthMinor: perMonth,
  risePercent,
  rise,
})
