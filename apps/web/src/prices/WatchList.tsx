import type { WatchedPart } from '@flint/contract'
import { atTheDoor } from '@flint/core/figures'
import { Link } from 'react-router'
import { format } from '../controls/locale'
import styles from './prices.module.css'

interface WatchListProps {
  watched: readonly WatchedPart[]
  nameOf: ReadonlyMap<string, string>
  chosen: string | null
}

/** Every part that has prices or a target. */
export function WatchList({ watched, nameOf, chosen }: WatchListProps) {
  if (watched.length === 0) {
    return (
      <p className="soft">
        No price is noted yet. Write one line above: what the part is, what it costs, and where.
      </p>
    )
  }
  return (
    <section aria-label="Watched parts">
      <h2>
        Watched<span className="aside">{format.counted(watched.length, 'part')}</span>
      </h2>
      <table className="lined">
        <thead>
          <tr>
            <th scope="col">Part</th>
            <th scope="col">Last seen</th>
            <th scope="col">With shipping</th>
            <th scope="col">Target</th>
            <th scope="col">Prices</th>
          </tr>
        </thead>
        <tbody>
          {watched.map(({ slug, last, target, count }) => {
            const comparable = last !== null && target !== null && last.currency === target.currency
            const isReached = comparable && atTheDoor(last) <= target.targetMinor
            return (
              <tr key={slug} aria-current={slug === chosen ? 'true' : undefined}>
                <th scope="row">
                  <Link to={`/prices/${slug}`}>{nameOf.get(slug) ?? slug}</Link>
                </th>
                <td>{last ? [last.seenOn, last.shop].filter(Boolean).join(', ') : 'never'}</td>
                <td className={styles.money}>
                  {last ? format.money(atTheDoor(last), last.currency) : ''}
                  {last?.shippingMinor === null && <span className="soft"> without it</span>}
                </td>
                <td className={styles.money}>
                  {target ? format.money(target.targetMinor, target.currency) : ''}
                  {isReached && <strong> ◆ at or below</strong>}
                </td>
                <td>{format.number(count)}</td>
              </tr>
            )
          })}
        </tbody>
      </table>
    </section>
  )
}
