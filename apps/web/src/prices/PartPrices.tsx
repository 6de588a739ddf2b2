import type { WatchedPart } from '@flint/contract'
import { minorPerMajor } from '@flint/core/drawing'
import { atTheDoor } from '@flint/core/figures'
import { lazy, Suspense, useState } from 'react'
import {
  usePartUsesQuery,
  usePriceFiguresQuery,
  usePricesQuery,
  useRemovePriceMutation,
  useSetPriceTargetMutation,
} from '../api/api'
import { problemSentence } from '../api/problemOf'
import { format } from '../controls/locale'
import { NumberField } from '../controls/NumberField'
import { Pager } from '../controls/Pager'
import { SmallChoice } from '../controls/SmallChoice'
import { daysAgo } from '../controls/today'
import { PriceEffects } from './PriceEffects'
import { priceWords } from './priceWords'
import styles from './prices.module.css'

/** The chart library is large, and the rest of the page needs none of it. */
const PriceChart = lazy(() => import('./PriceChart'))

/** Days that a price may be old, by the name of the window; null for any. */
const WINDOWS = { '90 days': 90, 'a year': 365, 'all of them': null } as const
type Window = keyof typeof WINDOWS

const MOST_MONEY = 100_000_000

interface PartPricesProps {
  slug: string
  name: string
  target: WatchedPart['target']
}

/** What a part has cost: figures over a window, the chart, every price, and what a lower one would change. */
export function PartPrices({ slug, name, target }: PartPricesProps) {
  const [pages, setPages] = useState<string[]>([])
  const before = pages.at(-1)
  const { data, error } = usePricesQuery({ slug, ...(before === undefined ? {} : { before }) })
  const { data: uses } = usePartUsesQuery(slug)
  const [remove] = useRemovePriceMutation()
  const [setTarget] = useSetPriceTargetMutation()
  const [within, setWithin] = useState<Window>('a year')
  const days = WINDOWS[within]
  const { data: told } = usePriceFiguresQuery({
    slug,
    ...(days === null ? {} : { from: daysAgo(days) }),
  })
  if (error) return <p role="alert">{problemSentence(error)}</p>
  if (!data) return <p className="soft">Reading the prices …</p>
  // What is in other currencies stands in the list, and in no sum.
  const currency = told?.currency ?? target?.currency ?? 'EUR'
  const seen = (told?.of ?? []).flatMap(({ figures }) => figures ?? [])
  const perMajor = minorPerMajor(currency)
  const last = data.prices.at(-1)
  // Without a target it is the lowest that was seen, since that is what one could wait for.
  const wouldBe =
    target?.targetMinor ??
    (seen.length > 0 ? Math.min(...seen.map(({ lowest }) => atTheDoor(lowest))) : null)
  return (
    <section aria-label={`Prices of ${name}`}>
      <h2>
        {name}
        <span className="aside">{format.counted(data.total, 'price')}</span>
      </h2>
      <div className={styles.line}>
        <NumberField
          label="Target price, with shipping"
          unit={currency}
          optional
          min={0}
          max={MOST_MONEY}
          width={200}
          value={target ? target.targetMinor / perMajor : null}
          onChange={(value) => {
            const targetMinor = value === null ? null : Math.round(value * perMajor)
            void setTarget({ slug, currency, targetMinor })
          }}
        />
        <SmallChoice
          label="Of the last"
          width={150}
          value={within}
          options={Object.keys(WINDOWS).map((value) => ({ value, text: value }))}
          onChange={(value) => {
            setWithin(value as Window)
          }}
        />
      </div>
      <p role="status">
        {told === undefined
          ? 'Working it out …'
          : seen.length === 0
            ? 'No price in this time.'
            : seen.map((figures) => priceWords(figures, currency)).join(' ')}
      </p>
      {told && told.of.some(({ byDay }) => byDay.length > 1) && (
        <div className={styles.chart}>
          <Suspense fallback={<p className="soft">The chart is on its way …</p>}>
            <PriceChart
              of={told.of}
              currency={currency}
              targetMinor={target?.targetMinor ?? null}
            />
          </Suspense>
        </div>
      )}
      {uses && uses.length > 0 && wouldBe !== null && (
        <PriceEffects slug={slug} uses={uses} price={{ currency, unitMinor: wouldBe }} />
      )}
      <table className="lined" aria-label={`Every price of ${name}`}>
        <thead>
          <tr>
            <th scope="col">Day</th>
            <th scope="col">Price</th>
            <th scope="col">Shipping</th>
            <th scope="col">Condition</th>
            <th scope="col">Shop</th>
            <th scope="col">
              <span className="only-for-readers">Remove</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {data.prices.slice(0, SHOWN).map((price) => (
            <tr key={price.number}>
              <td>{price.seenOn}</td>
              <td className={styles.money}>{format.money(price.unitMinor, price.currency)}</td>
              <td className={styles.money}>
                {price.shippingMinor === null
                  ? 'not known'
                  : format.money(price.shippingMinor, price.currency)}
              </td>
              <td>{price.condition}</td>
              <td>{price.shop}</td>
              <td>
                <button
                  type="button"
                  className="plain-button"
                  onClick={() => void remove(price.number)}
                >
                  Remove
                  <span className="only-for-readers">
                    {' '}
                    {format.money(price.unitMinor, price.currency)} of {price.seenOn}
                  </span>
                </button>
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {data.prices.length > SHOWN && (
        <p className="soft">The last {SHOWN} are listed; the figures know all of them.</p>
      )}
      {data.total > data.prices.length && (
        <div className={styles.line}>
          <Pager pages={pages} last={last?.number ?? null} onPages={setPages} />
        </div>
      )}
    </section>
  )
}

/** Rows that are drawn of a page; more say nothing to a reader. */
const SHOWN = 50
