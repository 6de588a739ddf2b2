import { minorPerMajor } from '@flint/core/drawing'
import {
  type BuyingChange,
  changeLine,
  forgetLine,
  type MoneyChoices,
  splitLine,
} from '@flint/core/editing'
import type { BillLine } from '@flint/core/figures'
import Checkbox from '@mui/material/Checkbox'
import FormControlLabel from '@mui/material/FormControlLabel'
import { DayField } from '../../controls/DayField'
import { format } from '../../controls/locale'
import { NumberField } from '../../controls/NumberField'
import { SmallChoice } from '../../controls/SmallChoice'
import { TextLine } from '../../controls/TextLine'
import { selectDesign } from '../../sheet/selectors'
import { useAppSelector } from '../../store/hooks'
import tray from '../../tray/tray.module.css'
import { BookPrices } from './BookPrices'
import { BundleHolds } from './BundleHolds'
import { CurrencyChoice } from './CurrencyChoice'
import { useMoney } from './useMoney'
import styles from './money.module.css'

/** The rest of what can be said about a line: its currency, discount, day, link, parcel, and how many pieces it takes. */
export function LineForm({ line, onGone }: { line: BillLine; onGone: () => void }) {
  const { money, change } = useMoney()
  const { currency } = useAppSelector(selectDesign).brief
  const said = saidOf(money, line)
  const say = (wanted: BuyingChange): void => {
    change((now) => changeLine(now, line, wanted), true)
  }
  const { price } = line
  const forget = (): void => {
    change((now) => forgetLine(now, line))
    onGone()
  }
  return (
    <section className={tray.section} aria-label={`How ${line.name} is bought`}>
      <h2>{line.name}</h2>
      {line.of !== 'pieces' && said && 'name' in said && (
        <TextLine
          label="Name"
          value={said.name}
          maxLength={120}
          onChange={(name) => {
            if (name.trim() === '') return
            change((now) => renamed(now, line, name), true)
          }}
        />
      )}
      <div className={styles.fields}>
        {line.of !== 'bundle' && (
          <NumberField
            label="Pieces"
            whole
            optional={line.of === 'pieces'}
            min={1}
            max={1_024}
            width={110}
            value={said && 'pieces' in said ? said.pieces : null}
            placeholder={line.of === 'pieces' ? 'the rest' : ''}
            onChange={(pieces) => {
              if (pieces !== null) say({ pieces })
              else change((now) => takeRest(now, line), true)
            }}
          />
        )}
        <CurrencyChoice
          label="Priced in"
          value={price?.currency ?? ''}
          onChange={(code) => {
            // The figure stays as it is typed; only what it is counted in changes.
            const major = price ? price.unitMinor / minorPerMajor(price.currency) : 0
            say({
              price: { currency: code, unitMinor: Math.round(major * minorPerMajor(code)) },
            })
          }}
        />
        <NumberField
          label="Discount"
          unit="%"
          min={0}
          max={100}
          width={110}
          value={said?.discountPercent ?? 0}
          onChange={(discountPercent) => {
            if (discountPercent !== null) say({ discountPercent })
          }}
        />
        <DayField
          label={line.buy === 'bought' ? 'Bought on' : 'To buy on'}
          width={160}
          value={line.on}
          onChange={(on) => {
            say({ on })
          }}
        />
      </div>
      <SmallChoice
        label="Sent"
        width="100%"
        value={said?.sentWith ?? 'alone'}
        options={[
          { value: 'alone', text: 'by itself' },
          { value: 'order', text: 'with all else from its shop' },
        ]}
        onChange={(value) => {
          say({ sentWith: value === 'order' ? 'order' : 'alone' })
        }}
      />
      {said?.sentWith === 'order' && line.shop === '' && (
        <p className="soft">Name its shop, and the parcel of that shop is shared out.</p>
      )}
      <div className={styles.fields}>
        <TextLine
          label="Where it is offered"
          value={line.link}
          maxLength={500}
          onChange={(link) => {
            say({ link })
          }}
        />
      </div>
      <BookPrices line={line} />
      <FormControlLabel
        control={
          <Checkbox
            size="small"
            checked={said?.taxFree ?? false}
            onChange={(_, taxFree) => {
              say({ taxFree })
            }}
          />
        }
        label="without tax, as from a private person"
      />
      {line.of === 'bundle' && <BundleHolds bundleId={line.id} />}
      <div className={styles.actions}>
        {line.of === 'pieces' && line.pieces > 1 && (
          <button
            type="button"
            className="plain-button"
            onClick={() => {
              change((now) => splitLine(now, line))
            }}
          >
            Buy one of them otherwise
          </button>
        )}
        {said && (
          <button type="button" className="plain-button" onClick={forget}>
            {line.of === 'pieces' ? 'As the data sheet says' : `Remove ${line.name}`}
          </button>
        )}
      </div>
      {line.orderMinor !== 0 && (
        <p className="soft">Its share of the order: {format.money(line.orderMinor, currency)}</p>
      )}
    </section>
  )
}

/** What the design says of the line; null where nobody has said anything. */
function saidOf(money: MoneyChoices, { id, of }: BillLine) {
  const list = { pieces: money.purchases, extra: money.extras, bundle: money.bundles }[of]
  return list.find((one) => one.id === id) ?? null
}

function renamed(money: MoneyChoices, { id, of }: BillLine, name: string): Partial<MoneyChoices> {
  return of === 'extra'
    ? { extras: money.extras.map((one) => (one.id === id ? { ...one, name } : one)) }
    : { bundles: money.bundles.map((one) => (one.id === id ? { ...one, name } : one)) }
}

const takeRest = (money: MoneyChoices, { id }: BillLine): Partial<MoneyChoices> => ({
  purchases: money.purchases.map((one) => (one.id === id ? { ...one, pieces: null } : one)),
})
