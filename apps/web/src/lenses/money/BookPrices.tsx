import type { StoredPrice } from '@flint/contract'
import { changeLine, type Design, type Edit } from '@flint/core/editing'
import { atTheDoor, type BillLine } from '@flint/core/figures'
import { Link } from 'react-router'
import { usePriceFiguresQuery, useSendPricesMutation } from '../../api/api'
import { problemSentence } from '../../api/problemOf'
import { useParts } from '../../api/useParts'
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
  const { data, error: unseen } = usePriceFiguresQuery({
    slug,
    ...(line.price ? { currency: line.price.currency } : {}),
  })
  const [send, { error }] = useSendPricesMutation()
  const edit = useEdit()
  const preview = usePreview()
  const { price } = line
  const { data: parts = [] } = useParts()
  const asked = parts.find((part) => part.slug === slug)?.price ?? null
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
  const takeAsked = ({ money }: Design): Edit => ({
    do: 'change-money',
    change: changeLine(money, line, {
      price: asked && { currency: asked.currency, unitMinor: asked.unitMinor },
      shippingMinor: asked?.shippingMinor ?? null,
    }),
  })
  const isAskedOtherwise =
    asked !== null && (price?.unitMinor !== asked.unitMinor || price.currency !== asked.currency)
  // Who may not see what the house pays sees nothing of it, instead of "no price".
  if (unseen) return null
  const seen = (data?.of ?? []).flatMap(({ figures }) => figures ?? [])
  const count = seen.reduce((sum, figures) => sum + figures.count, 0)
  const offers = seen.flatMap(({ last, lowest }) => [
    { word: `last ${last.condition}`, price: last },
    ...(lowest.number === last.number
      ? []
      : [{ word: `lowest ${lowest.condition}`, price: lowest }]),
  ])
  return (
    <div>
      <p>
        {count > 0
          ? `Price book: ${format.counted(count, 'price')}. `
          : 'No price of it is in the price book. '}
        <Link to={`/prices/${slug}`}>All of them</Link>
      </p>
      <div className={styles.actions}>
        {offers.map(({ word, price: offered }) => (
          <button
            key={word}
            type="button"
            className="plain-button"
            {...preview(take(offered))}
            onClick={() => {
              edit(take(offered))
            }}
          >
            Take the {word}, {format.money(atTheDoor(offered), offered.currency)} of{' '}
            {offered.seenOn}
          </button>
        ))}
        {isAskedOtherwise && (
          <button
            type="button"
            className="plain-button"
            {...preview(takeAsked)}
            onClick={() => {
              edit(takeAsked)
            }}
          >
            Take what the catalogue asks, {format.money(asked.unitMinor, asked.currency)}
          </button>
        )}
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
