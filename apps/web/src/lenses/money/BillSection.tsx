import { addBundle, addExtra, type BuyWhen } from '@flint/core/editing'
import type { BillLine } from '@flint/core/figures'
import { billText, partListToCsv } from '@flint/core/files'
import { Fragment, useState } from 'react'
import { Link } from 'react-router'
import { format } from '../../controls/locale'
import { saveFile } from '../../controls/saveFile'
import { selectBill, selectDesign, selectDesignId } from '../../sheet/selectors'
import { useAppSelector } from '../../store/hooks'
import { BillRow } from './BillRow'
import { moneyAmount, WHEN_WORDS } from './moneyWords'
import { useMoney } from './useMoney'
import styles from './money.module.css'

/** In the order in which a builder takes them up. */
const IN_ORDER = ['now', 'later', 'bought'] as const satisfies readonly BuyWhen[]

/** All that is bought, line by line, to be changed in place. */
export function BillSection({ onChoose }: { onChoose: (line: BillLine) => void }) {
  const design = useAppSelector(selectDesign)
  const designId = useAppSelector(selectDesignId)
  const { change } = useMoney()
  const [said, setSaid] = useState('')
  const { currency } = design.brief
  const bill = useAppSelector(selectBill)
  const toBuy = bill.lines.filter(({ pieces }) => pieces > 0)
  const atHand = bill.lines.filter(({ pieces }) => pieces === 0)
  const addSomething = (): void => {
    change((money) => addExtra(money, 'Something else'))
  }
  return (
    <section aria-label="Bill">
      <h2>
        The bill
        <span className="aside">
          {moneyAmount(bill.total, currency)}, {format.counted(toBuy.length, 'line')}
        </span>
      </h2>
      <div className={styles.actions}>
        <button type="button" className="plain-button" onClick={addSomething}>
          Add something beside the machine
        </button>
        <button
          type="button"
          className="plain-button"
          onClick={() => {
            change((money) => addBundle(money, 'Bundle', []))
          }}
        >
          Add a bundle
        </button>
        <button
          type="button"
          className="plain-button"
          onClick={() => {
            saveFile(`${design.name} parts.csv`, 'text/csv', partListToCsv(bill))
          }}
        >
          Save as CSV
        </button>
        <button
          type="button"
          className="plain-button"
          onClick={() => {
            void navigator.clipboard.writeText(billText(design.name, bill, format)).then(
              () => {
                setSaid('Copied.')
              },
              () => {
                setSaid('The browser does not let it be copied; save it as CSV instead.')
              },
            )
          }}
        >
          Copy as text
        </button>
        <a href={`/api/designs/${designId}/parts.pdf?locale=${format.locale}`} download>
          Save as PDF
        </a>
        <Link to={`/designs/${designId}/print`}>Print</Link>
        <span role="status" className="soft">
          {said}
        </span>
      </div>
      {bill.lines.length === 0 ? (
        <p className="soft">Nothing is bought yet; parts stand here once the design has some.</p>
      ) : (
        <div className={styles.scrolls}>
          <table className={`lined ${styles.bill ?? ''}`} aria-label="Lines of the bill">
            <thead>
              <tr>
                <th scope="col">Part</th>
                <th scope="col">Pieces</th>
                <th scope="col">Each</th>
                <th scope="col">Shipping</th>
                <th scope="col">Condition</th>
                <th scope="col">Shop</th>
                <th scope="col">When</th>
                <th scope="col">To pay</th>
              </tr>
            </thead>
            <tbody>
              {IN_ORDER.map((when) => {
                const lines = toBuy.filter(({ buy }) => buy === when)
                if (lines.length === 0) return null
                const sum = { now: bill.now, later: bill.later, bought: bill.spent }[when]
                return (
                  <Fragment key={when}>
                    <tr className={styles.group}>
                      <th colSpan={7} scope="rowgroup">
                        {WHEN_WORDS[when]}
                      </th>
                      <td className={styles.sum}>{moneyAmount(sum, currency)}</td>
                    </tr>
                    {lines.map((line) => (
                      <BillRow
                        key={keyOf(line, lines)}
                        line={line}
                        currency={currency}
                        onChoose={onChoose}
                      />
                    ))}
                  </Fragment>
                )
              })}
              {atHand.length > 0 && (
                <tr className={styles.group}>
                  <th colSpan={8} scope="rowgroup">
                    at hand
                  </th>
                </tr>
              )}
              {atHand.map((line) => (
                <BillRow
                  key={keyOf(line, atHand)}
                  line={line}
                  currency={currency}
                  onChoose={onChoose}
                />
              ))}
            </tbody>
          </table>
        </div>
      )}
    </section>
  )
}

/** The same row when a line gets a purchase of its own while one types in it. */
function keyOf({ id, of, snapshotId }: BillLine, among: readonly BillLine[]): string {
  if (snapshotId === null) return `${of} ${id}`
  const those = among.filter((line) => line.snapshotId === snapshotId)
  return `${snapshotId} ${those.findIndex((line) => line.id === id)}`
}
