import { sheetName } from '@flint/core/editing'
import { useMemo } from 'react'
import { Link, useParams } from 'react-router'
import { useWatchedPricesQuery } from '../api/api'
import { problemSentence } from '../api/problemOf'
import { useParts } from '../api/useParts'
import { PageFrame } from '../controls/PageFrame'
import { PartPrices } from './PartPrices'
import { PriceFiles } from './PriceFiles'
import { PriceLine } from './PriceLine'
import { WatchList } from './WatchList'
import styles from './prices.module.css'

/** Prices that were seen, targets, and what a part has cost. */
export function PricesScreen() {
  const { slug } = useParams()
  const { data: parts } = useParts()
  const { data: watched, error } = useWatchedPricesQuery()
  const nameOf = useMemo(
    () => new Map((parts ?? []).map((part) => [part.slug, sheetName(part.sheet)])),
    [parts],
  )
  return (
    <PageFrame title="Prices" links={<Link to="/parts">Parts</Link>}>
      <div className={styles.page}>
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
      </div>
    </PageFrame>
  )
}
