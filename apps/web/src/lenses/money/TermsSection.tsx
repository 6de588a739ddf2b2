import { minorPerMajor } from '@flint/core/drawing'
import type { MoneyChoices, Order, Rate } from '@flint/core/editing'
import Checkbox from '@mui/material/Checkbox'
import FormControlLabel from '@mui/material/FormControlLabel'
import { DayField } from '../../controls/DayField'
import { NumberField } from '../../controls/NumberField'
import { selectBill, selectDesign } from '../../sheet/selectors'
import { useAppSelector } from '../../store/hooks'
import tray from '../../tray/tray.module.css'
import { CurrencyChoice } from './CurrencyChoice'
import { today } from '../../controls/today'
import { useMoney } from './useMoney'
import styles from './money.module.css'

const MOST_MONEY = 100_000_000

/** Tax, rates of other currencies, and parcels of shops: what holds for many lines. */
export function TermsSection() {
  return (
    <section className={tray.section} aria-label="Tax, currencies and parcels">
      <h2>Tax, currencies, parcels</h2>
      <TaxFields />
      <RateFields />
      <OrderFields />
    </section>
  )
}

function TaxFields() {
  const { money, change } = useMoney()
  const { percent, pricesInclude } = money.tax
  return (
    <div className={styles.fields}>
      <NumberField
        label="Tax"
        unit="%"
        optional
        min={0}
        max={100}
        width={110}
        value={percent}
        onChange={(value) => {
          change({ tax: { percent: value, pricesInclude } }, true)
        }}
      />
      <FormControlLabel
        control={
          <Checkbox
            size="small"
            checked={pricesInclude}
            onChange={(_, isIn) => {
              change({ tax: { percent, pricesInclude: isIn } })
            }}
          />
        }
        label="prices include it"
      />
    </div>
  )
}

function RateFields() {
  const { money, change } = useMoney()
  const { currency } = useAppSelector(selectDesign).brief
  const { lines } = useAppSelector(selectBill)
  const missing = [
    ...new Set(
      lines.flatMap(({ standing, price }) =>
        standing === 'other currency' && price ? [price.currency] : [],
      ),
    ),
  ]
  const put = (index: number, wanted: Partial<Rate>): void => {
    change(
      ({ rates }) => ({
        rates: rates.map((one, at) => (at === index ? { ...one, ...wanted } : one)),
      }),
      true,
    )
  }
  const add = (from: string): void => {
    change(({ rates }) => ({ rates: [...rates, { from, into: currency, worth: 1, on: today() }] }))
  }
  return (
    <>
      {money.rates.map((rate, index) => (
        <div key={index} className={styles.fields}>
          <CurrencyChoice
            label="One"
            value={rate.from}
            onChange={(from) => {
              put(index, { from })
            }}
          />
          <NumberField
            label="is worth"
            unit={rate.into}
            min={1e-9}
            max={1e9}
            width={130}
            value={rate.worth}
            onChange={(worth) => {
              if (worth !== null) put(index, { worth })
            }}
          />
          <DayField
            label="on"
            value={rate.on}
            width={150}
            onChange={(on) => {
              if (on !== null) put(index, { on })
            }}
          />
          <button
            type="button"
            className="plain-button"
            aria-label={`Remove the rate of ${rate.from}`}
            onClick={() => {
              change(({ rates }) => ({ rates: rates.filter((_, at) => at !== index) }))
            }}
          >
            remove
          </button>
        </div>
      ))}
      {missing.map((from) => (
        <button
          key={from}
          type="button"
          className="plain-button"
          onClick={() => {
            add(from)
          }}
        >
          Say what one {from} is worth
        </button>
      ))}
      {missing.length === 0 && (
        <button
          type="button"
          className="plain-button"
          onClick={() => {
            add(currency === 'USD' ? 'EUR' : 'USD')
          }}
        >
          Add a rate
        </button>
      )}
    </>
  )
}

function OrderFields() {
  const { money, change } = useMoney()
  const { currency } = useAppSelector(selectDesign).brief
  const shops = shopsThatSend(money)
  const put = (shop: string, wanted: Partial<Order>): void => {
    change((now) => ({ orders: withOrder(now.orders, shop, currency, wanted) }), true)
  }
  return shops.map((shop) => {
    const order = money.orders.find((one) => one.shop === shop)
    const perMajor = minorPerMajor(order?.currency ?? currency)
    return (
      <fieldset key={shop} className={styles.fields}>
        <legend>Parcel of {shop}</legend>
        <NumberField
          label="Shipping"
          unit={order?.currency ?? currency}
          optional
          min={0}
          max={MOST_MONEY}
          width={130}
          value={
            order?.shippingMinor === null || order === undefined
              ? null
              : order.shippingMinor / perMajor
          }
          onChange={(value) => {
            put(shop, { shippingMinor: value === null ? null : Math.round(value * perMajor) })
          }}
        />
        <NumberField
          label="Voucher"
          unit={order?.currency ?? currency}
          min={0}
          max={MOST_MONEY}
          width={130}
          value={(order?.discountMinor ?? 0) / perMajor}
          onChange={(value) => {
            if (value !== null) put(shop, { discountMinor: Math.round(value * perMajor) })
          }}
        />
      </fieldset>
    )
  })
}

/** Shops that send several lines in one parcel. */
function shopsThatSend({ purchases, extras, bundles }: MoneyChoices): string[] {
  const all = [...purchases, ...extras, ...bundles]
  return [
    ...new Set(
      all.flatMap(({ sentWith, shop }) => (sentWith === 'order' && shop !== '' ? [shop] : [])),
    ),
  ]
}

function withOrder(
  orders: readonly Order[],
  shop: string,
  currency: string,
  change: Partial<Order>,
): Order[] {
  const before = orders.find((one) => one.shop === shop) ?? {
    shop,
    currency,
    shippingMinor: null,
    discountMinor: 0,
  }
  return [...orders.filter((one) => one.shop !== shop), { ...before, ...change }]
}
