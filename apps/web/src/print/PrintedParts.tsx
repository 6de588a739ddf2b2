import { partListToCsv } from '@flint/core/files'
import { format } from '../controls/locale'
import { saveFile } from '../controls/saveFile'
import { selectBill, selectDesign, selectEvaluation } from '../sheet/selectors'
import { useAppSelector } from '../store/hooks'
import { ledgerFigures } from '../ledger/figures'
import styles from './print.module.css'

/** The part list with prices, and the same as a file. */
export function PrintedParts() {
  const bill = useAppSelector(selectBill)
  const { name } = useAppSelector(selectDesign)
  const evaluation = useAppSelector(selectEvaluation)
  const total = ledgerFigures.find(({ id }) => id === 'cost')?.value(evaluation).value
  return (
    <section aria-label="Part list">
      <h2>
        Part list{' '}
        <button
          type="button"
          className={`plain-button ${styles.screenOnly ?? ''}`}
          onClick={() => {
            saveFile(`${name} parts.csv`, 'text/csv', partListToCsv(bill))
          }}
        >
          Save as CSV
        </button>
      </h2>
      <table className="lined">
        <thead>
          <tr>
            <th scope="col">Part</th>
            <th scope="col">To buy</th>
            <th scope="col">Owned</th>
            <th scope="col">Comes with another</th>
            <th scope="col">Each</th>
            <th scope="col">Shipping</th>
            <th scope="col">Together</th>
          </tr>
        </thead>
        <tbody>
          {bill.lines.map(
            ({ snapshotId, name: part, pieces, owned, included, price, totalMinor }) => {
              const money = (minor: number | null | undefined): string =>
                price && minor !== null && minor !== undefined
                  ? format.money(minor, price.currency)
                  : 'not known'
              return (
                <tr key={snapshotId}>
                  <th scope="row">{part}</th>
                  <td>{pieces}</td>
                  <td>{owned}</td>
                  <td>{included}</td>
                  <td>{pieces + owned === 0 ? '' : money(price?.unitMinor)}</td>
                  <td>{pieces === 0 ? '' : money(price?.shippingMinor)}</td>
                  <td>{pieces === 0 ? '' : money(price ? totalMinor : null)}</td>
                </tr>
              )
            },
          )}
          <tr>
            <th scope="row">To buy</th>
            <td colSpan={5} />
            <td>{total}</td>
          </tr>
        </tbody>
      </table>
    </section>
  )
}
