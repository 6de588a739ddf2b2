import { minorPerMajor } from '@flint/core/drawing'
import {
  BUY_WHEN,
  type BuyingChange,
  type BuyWhen,
  changeLine,
  CONDITIONS,
  type Condition,
} from '@flint/core/editing'
import type { BillLine } from '@flint/core/figures'
import { format } from '../../controls/locale'
import { NumberField } from '../../controls/NumberField'
import { SmallChoice } from '../../controls/SmallChoice'
import { TextLine } from '../../controls/TextLine'
import { lineSum } from './moneyWords'
import { WHEN_WORDS } from '../../sheet/billWords'
import { useMoney } from './useMoney'
import styles from './money.module.css'

interface BillRowProps {
  line: BillLine
  currency: string
  /** Shows the rest of what can be said about it. */
  onChoose: (line: BillLine) => void
}

const MOST_MONEY = 100_000_000

/** One line of the bill; what is said in it holds for all of its pieces. */
export function BillRow({ line, currency, onChoose }: BillRowProps) {
  const { change } = useMoney()
  const { price, name, pieces, owned, included } = line
  const asked = price?.currency ?? currency
  const perMajor = minorPerMajor(asked)
  const fixedDigits = Math.round(Math.log10(perMajor))
  const say = (said: BuyingChange): void => {
    change((money) => changeLine(money, line, said), true)
  }
  const others = [
    ...(owned > 0 ? [`${format.number(owned)} owned`] : []),
    ...(included > 0 ? [`${format.number(included)} come with another`] : []),
  ]
  const label = (
    <th scope="row">
      <button
        type="button"
        className="plain-button"
        onClick={() => {
          onChoose(line)
        }}
      >
        {name}
      </button>
      {others.length > 0 && <span className="soft"> {others.join(', ')}</span>}
    </th>
  )
  if (pieces === 0) {
    return (
      <tr>
        {label}
        <td colSpan={6} />
        <td className={styles.sum}>{lineSum(line, currency)}</td>
      </tr>
    )
  }
  return (
    <tr>
      {label}
      <td>{line.of === 'bundle' ? '' : format.number(pieces)}</td>
      <td>
        <NumberField
          inTable
          optional
          label={`Price of ${name}, ${asked}`}
          unit={asked}
          width={86}
          fixedDigits={fixedDigits}
          min={0}
          max={MOST_MONEY}
          value={price === null ? null : price.unitMinor / perMajor}
          onChange={(value) => {
            const own =
              value === null ? null : { currency: asked, unitMinor: Math.round(value * perMajor) }
            // Shipping that stood beside the price of the data sheet stays what it is.
            say({ price: own, shippingMinor: price?.shippingMinor ?? null })
          }}
        />
      </td>
      <td>
        <NumberField
          inTable
          optional
          label={`Shipping of ${name}, ${asked}`}
          unit={asked}
          width={74}
          fixedDigits={fixedDigits}
          min={0}
          max={MOST_MONEY}
          value={price?.shippingMinor == null ? null : price.shippingMinor / perMajor}
          onChange={(value) => {
            say({ shippingMinor: value === null ? null : Math.round(value * perMajor) })
          }}
        />
      </td>
      <td>
        <SmallChoice
          inTable
          label={`Condition of ${name}`}
          width={92}
          value={line.condition}
          options={CONDITIONS.map((value) => ({ value, text: value }))}
          onChange={(value) => {
            say({ condition: value as Condition })
          }}
        />
      </td>
      <td>
        <TextLine
          inTable
          label={`Shop for ${name}`}
          width={92}
          maxLength={120}
          value={line.shop}
          onChange={(shop) => {
            say({ shop })
          }}
        />
      </td>
      <td>
        <SmallChoice
          inTable
          label={`When to buy ${name}`}
          width={112}
          value={line.buy}
          options={BUY_WHEN.map((value) => ({ value, text: WHEN_WORDS[value] }))}
          onChange={(value) => {
            say({ buy: value as BuyWhen })
          }}
        />
      </td>
      <td className={styles.sum}>{lineSum(line, currency)}</td>
    </tr>
  )
}
