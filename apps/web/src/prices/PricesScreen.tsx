import { useMemo } from 'react'
import { Link, useParams } from 'react-router'
import { useWatchedPricesQuery } from '../api/api'
import { problemSentence } from '../api/problemOf'
import { useParts } from '../api/useParts'
import { Mark } from '../controls/Mark'
import { PageTitle } from '../controls/PageTitle'
import { ThemeButton } from '../controls/ThemeButton'
import { PartPrices } from './PartPrices'
import { PriceFiles } from './PriceFiles'
import { PriceLine } from './PriceLine'
import { WatchList } from './WatchList'
import styles from './prices.module.css'

/** Prices that were seen, what is waited for, and what a part has cost. */
export function PricesScreen() {
  const { slug } = useParams()
  const { data: parts } = useParts()
  const { data: watched, error } = useWatchedPricesQuery()
  const nameOf = useMemo(
    () =>
      new Map((parts ?? []).map((part) => [part.slug, `${part.sheet.maker} ${part.sheet.model}`])),
    [parts],
  )
  return (
    <div className={styles.page}>
      <PageTitle parts={['Prices']} />
      <header className={styles.head}>
        <Link to="/" className={styles.mark} aria-label="Flint Shelf, to the shelf">
          <Mark /> Flint Shelf
        </Link>
        <span>
          <Link to="/">Shelf</Link> / <strong>Prices</strong>
        </span>
        <span className={styles.last}>
          <Link to="/parts">Parts</Link>
          <ThemeButton />
        </span>
      </header>
      <main className={styles.main}>
        <h1 className="only-for-readers">Prices</h1>
        <PriceLine parts={parts ?? []} chosen={slug ?? null} />
        {error && <p role="alert">{problemSentence(error)}</p>}
        {watched && <WatchList watched={watched} nameOf={nameOf} chosen={slug ?? null} />}
        {slug !== undefined && (
          <PartPrices
            key={slug}
            slug={slug}
            name={nameOf.get(slug) ?? slug}
            target={watched?.find((one) => one.slug === slug)?.target ?? null}
          />
        )}
        <PriceFiles />
      </main>
    </div>
  )
}
