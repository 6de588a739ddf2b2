import { addBundle, addExtra } from '@flint/core/editing'
import {
  BILL_GROUPINGS,
  type BillGroup,
  type BillGrouping,
  billGroups,
  type BillLine,
  linesToChoose,
} from '@flint/core/figures'
import { billText, partListToCsv } from '@flint/core/files'
import { Fragment, useState } from 'react'
import { Link } from 'react-router'
import { format } from '../../controls/locale'
import { SmallChoice } from '../../controls/SmallChoice'
import { saveFile } from '../../controls/saveFile'
import { selectBill, selectDesign, selectDesignId, selectEvaluation } from '../../sheet/selectors'
import { useAppSelector } from '../../store/hooks'
import { BillRow } from './BillRow'
import { GROUPING_WORDS, moneyAmount } from './moneyWords'
import { groupTitle } from '../../sheet/billWords'
import { useMoney } from './useMoney'
import styles from './money.module.css'

/** All that is bought, line by line, to be changed in place. */
export function BillSection({ onChoose }: { onChoose: (line: BillLine) => void }) {
  const design = useAppSelector(selectDesign)
  const designId = useAppSelector(selectDesignId)
  const { change } = useMoney()
  const [said, setSaid] = useState('')
  const { currency } = design.brief
  const bill = useAppSelector(selectBill)
  const { stillToChoose } = useAppSelector(selectEvaluation)
  const [by, setBy] = useState<BillGrouping>('when')
  const groups = billGroups(bill, by)
  const toChoose = linesToChoose(stillToChoose, format)
  const toBuyCount = bill.lines.filter(({ pieces }) => pieces > 0).length
  const addSomething = (): void => {
    change((money) => addExtra(money, 'Something else'))
  }
  return (
    <section aria-label="Bill">
      <h2>
        The bill
        <span className="aside">
          {moneyAmount(bill.total, currency)}, {format.counted(toBuyCount, 'line')}
        </span>
      </h2>
      <div className={styles.actions}>
        <SmallChoice
          label="Lines stand together by"
          width={210}
          value={by}
          options={BILL_GROUPINGS.map((value) => ({ value, text: GROUPING_WORDS[value] }))}
          onChange={(value) => {
            setBy(value as BillGrouping)
          }}
        />
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
            saveFile(`${design.name} parts.csv`, 'text/csv', partListToCsv(bill, toChoose))
          }}
        >
          Save as CSV
        </button>
        <button
          type="button"
          className="plain-button"
          onClick={() => {
            void navigator.clipboard.writeText(billText(design.name, bill, format, toChoose)).then(
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
              {groups.map((group) => (
                <Fragment key={groupKey(group)}>
                  <tr className={styles.group}>
                    <th colSpan={7} scope="rowgroup">
                      {groupTitle(group.of)}
                    </th>
                    <td className={styles.sum}>{groupSum(group, currency)}</td>
                  </tr>
                  {group.lines.map((line) => (
                    <BillRow
                      key={keyOf(line, group.lines)}
                      line={line}
                      currency={currency}
                      onChoose={onChoose}
                    />
                  ))}
                </Fragment>
              ))}
              {toChoose.length > 0 && (
                <tr className={styles.group}>
                  <th colSpan={8} scope="rowgroup">
                    still to choose
                  </th>
                </tr>
              )}
              {toChoose.map(({ name }) => (
                <tr key={name}>
                  <th scope="row">{name}</th>
                  <td colSpan={6} />
                  <td className={styles.sum}>not known</td>
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      )}
    </section>
  )
}

const groupKey = ({ of }: BillGroup): string =>
  of === 'at hand' ? of : 'when' in of ? `when ${of.when}` : `shop ${of.shop}`

function groupSum({ of, sumMinor, isLeast }: BillGroup, currency: string): string {
  if (of === 'at hand') return ''
  return `${isLeast ? 'at least ' : ''}${format.money(sumMinor, currency)}`
}

/** The same row when a line gets a purchase of its own while one types in it. */
function keyOf({ id, of, snapshotId }: BillLine, among: readonly BillLine[]): string {
  if (snapshotId === null) return `${of} ${id}`
  const those = among.filter((line) => line.snapshotId === snapshotId)
  return `${snapshotId} ${those.findIndex((line) => line.id === id)}`
}
