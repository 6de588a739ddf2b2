import type { StoredPrice } from '@flint/contract'
import { changeLine, type Design, type Edit } from '@flint/core/editing'
import { atTheDoor, type BillLine, priceFigures } from '@flint/core/figures'
import { Link } from 'react-router'
import { usePricesQuery, useSendPricesMutation } from '../../api/api'
import { problemSentence } from '../../api/problemOf'
import { format } from '../../controls/locale'
import { today } from '../../controls/today'
import { selectDesign } from '../../sheet/selectors'
import { useEdit, usePreview } from '../../sheet/useEdit'
import { useAppSelector } from '../../store/hooks'
import styles from './money.module.css'

/** What the price book says of the part of a line, to be taken over; and what the line says, to be noted there. */
export function BookPrices({ line }: { line: BillLine }) {
  const { snapshots } = useAppSelector(selectDesign)
  const slug = snapshots.find(({ id }) => id === line.snapshotId)?.slug ?? null
  if (slug === null) return null
  return <PricesOf slug={slug} line={line} />
}

function PricesOf({ slug, line }: { slug: string; line: BillLine }) {
  const { data } = usePricesQuery({ slug })
  const [send, { error }] = useSendPricesMutation()
  const edit = useEdit()
  const preview = usePreview()
  const { price } = line
  const currency = price?.currency ?? data?.prices[0]?.currency
  const comparable = (data?.prices ?? []).filter((one) => one.currency === currency)
  const figures = priceFigures(comparable, null, null)
  const take =
    ({ currency: code, unitMinor, shippingMinor, condition, shop, link }: StoredPrice) =>
    ({ money }: Design): Edit => ({
      do: 'change-money',
      change: changeLine(money, line, {
        price: { currency: code, unitMinor },
        shippingMinor,
        condition,
        shop,
        link,
      }),
    })
  const offers = figures
    ? [
        { word: 'last', seen: figures.last },
        ...(figures.lowest === figures.last ? [] : [{ word: 'lowest', seen: figures.lowest }]),
      ]
    : []
  return (
    <div>
      <p>
        {figures
          ? `Price book: ${format.counted(figures.count, 'price')}. `
          : 'No price of it is in the price book. '}
        <Link to={`/prices/${slug}`}>All of them</Link>
      </p>
      <div className={styles.actions}>
        {offers.map(({ word, seen }) => (
          <button
            key={word}
            type="button"
            className="plain-button"
            {...preview(take(seen))}
            onClick={() => {
              edit(take(seen))
            }}
          >
            Take the {word}, {format.money(atTheDoor(seen), seen.currency)} of {seen.seenOn}
          </button>
        ))}
        {price && (
          <button
            type="button"
            className="plain-button"
            onClick={() =>
              void send([
                {
                  slug,
                  seenOn: line.on ?? today(),
                  currency: price.currency,
                  unitMinor: price.unitMinor,
                  shippingMinor: price.shippingMinor,
                  condition: line.condition,
                  shop: line.shop,
                  link: line.link,
                },
              ])
            }
          >
            Note this price in the book
          </button>
        )}
      </div>
      {error && <p role="alert">{problemSentence(error)}</p>}
    </div>
  )
}
