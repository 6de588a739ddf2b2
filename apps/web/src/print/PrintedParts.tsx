import { billGroups, type BillLine, linesToChoose } from '@flint/core/figures'
import { partListToCsv } from '@flint/core/files'
import { Fragment } from 'react'
import { format } from '../controls/locale'
import { saveFile } from '../controls/saveFile'
import { selectBill, selectDesign, selectEvaluation } from '../sheet/selectors'
import { useAppSelector } from '../store/hooks'
import { groupTitle } from '../sheet/billWords'
import { ledgerFigures } from '../ledger/figures'
import styles from './print.module.css'

/** The part list with prices, and the same as a file. */
export function PrintedParts() {
  const bill = useAppSelector(selectBill)
  const { name } = useAppSelector(selectDesign)
  const evaluation = useAppSelector(selectEvaluation)
  const toChoose = linesToChoose(evaluation.stillToChoose, format)
  const total = ledgerFigures.find(({ id }) => id === 'cost')?.value(evaluation).value
  return (
    <section aria-label="Part list">
      <h2>
        Part list{' '}
        <button
          type="button"
          className={`plain-button ${styles.screenOnly ?? ''}`}
          onClick={() => {
            saveFile(`${name} parts.csv`, 'text/csv', partListToCsv(bill, toChoose))
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
            <th scope="col">Condition, shop, day</th>
            <th scope="col">To pay</th>
          </tr>
        </thead>
        <tbody>
          {billGroups(bill, 'when').map(({ of, lines }) => (
            <Fragment key={groupTitle(of)}>
              <tr>
                <th colSpan={8} scope="rowgroup">
                  {groupTitle(of)}
                </th>
              </tr>
              {lines.map((line) => (
                <PrintedLine key={`${line.of} ${line.id}`} line={line} currency={bill.currency} />
              ))}
            </Fragment>
          ))}
          {toChoose.map(({ name, pieces }) => (
            <tr key={name}>
              <th scope="row">{name}</th>
              <td>{pieces}</td>
              <td colSpan={5}>still to choose</td>
              <td>not known</td>
            </tr>
          ))}
          <tr>
            <th scope="row">To buy</th>
            <td colSpan={6} />
            <td>{total}</td>
          </tr>
        </tbody>
      </table>
    </section>
  )
}

function PrintedLine({ line, currency }: { line: BillLine; currency: string }) {
  const { name, pieces, owned, included, price, sumMinor, condition, shop, buy, on } = line
  const asked = (minor: number | null | undefined): string =>
    price && minor !== null && minor !== undefined
      ? format.money(minor, price.currency)
      : 'not known'
  const said = [condition, shop, ...(buy === 'now' ? [] : [buy]), on ?? ''].filter(Boolean)
  return (
    <tr>
      <th scope="row">{name}</th>
      <td>{pieces}</td>
      <td>{owned}</td>
      <td>{included}</td>
      <td>{pieces + owned === 0 ? '' : asked(price?.unitMinor)}</td>
      <td>{pieces === 0 ? '' : asked(price?.shippingMinor)}</td>
      <td>{pieces === 0 ? '' : said.join(', ')}</td>
      <td>
        {pieces === 0 ? '' : sumMinor === null ? 'not known' : format.money(sumMinor, currency)}
      </td>
    </tr>
  )
}
