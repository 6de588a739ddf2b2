import type { Evaluation } from '@flint/core/figures'
import { overBudgetMinor, piecePrices, pricePerTerabyte } from '@flint/core/figures'
import type { Design } from '@flint/core/editing'
import { format } from '../../controls/locale'
import { moneyAmount } from './moneyWords'
import styles from './money.module.css'

interface TotalsTableProps {
  design: Design
  evaluation: Pick<Evaluation, 'cost' | 'capacity' | 'limits'>
}

/** What of the money is spent, what is to be spent, what is over, and what a terabyte comes to. */
export function TotalsTable({ design, evaluation: { cost, capacity, limits } }: TotalsTableProps) {
  const { currency, costLimitBy } = design.brief
  const per = pricePerTerabyte(cost, capacity, paidDrives(design, cost))
  const overMinor = overBudgetMinor(limits)
  const money = (minor: number): string => format.money(Math.round(minor), currency)
  const rows: [label: string, value: string][] = [
    ...(cost.spent.likely > 0
      ? [['Spent already', moneyAmount(cost.spent, currency)] as [string, string]]
      : []),
    ['To order now', moneyAmount(cost.now, currency)],
    ...(cost.later.likely > 0
      ? [['Can wait', moneyAmount(cost.later, currency)] as [string, string]]
      : []),
    ['Together', moneyAmount(cost.total, currency)],
    ['of it shipping', money(cost.shippingMinor)],
    ...(cost.taxMinor === null ? [] : [['of it tax', money(cost.taxMinor)] as [string, string]]),
    ...(cost.resaleMinor > 0
      ? [['Owned pieces would bring', money(cost.resaleMinor)] as [string, string]]
      : []),
  ]
  const terabytes: [label: string, value: number | null][] = [
    ['drives alone, as sold', per.drivesMinor],
    ['as sold', per.rawMinor],
    ['usable', per.usableMinor],
    ['to work with', per.workingMinor],
  ]
  return (
    <section aria-label="What it comes to">
      <table className="lined">
        <tbody>
          {rows.map(([label, value]) => (
            <tr key={label}>
              <th scope="row">{label}</th>
              <td className={styles.sum}>{value}</td>
            </tr>
          ))}
          {overMinor !== null && (
            <tr className={styles.over}>
              <th scope="row">
                △ Over the budget{costLimitBy === null ? '' : ` until ${costLimitBy}`}
              </th>
              <td className={styles.sum}>{money(overMinor)}</td>
            </tr>
          )}
          {terabytes.map(([label, minor]) => (
            <tr key={label}>
              <th scope="row">A TB, {label}</th>
              <td className={styles.sum}>{minor === null ? 'none' : money(minor)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  )
}

/** What is paid for each drive that is bought, with what it holds. */
function paidDrives(design: Design, cost: Evaluation['cost']): { minor: number; bytes: number }[] {
  const prices = piecePrices(cost, design)
  const sheetOf = new Map(design.snapshots.map(({ id, sheet }) => [id, sheet]))
  return design.fitted.flatMap(({ id, snapshotId }) => {
    const [sheet, minor] = [sheetOf.get(snapshotId), prices.get(id)]
    return sheet?.kind === 'drive' && minor !== undefined
      ? [{ minor, bytes: sheet.capacityBytes }]
      : []
  })
}
