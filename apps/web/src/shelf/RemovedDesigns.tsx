import { useRemovedDesignsQuery } from '../api/api'
import { format, LOCALE } from '../controls/locale'
import type { ShelfNews } from './shelfNews'
import { usePutBack } from './usePutBack'
import styles from './shelf.module.css'

const dayFormat = new Intl.DateTimeFormat(LOCALE, { dateStyle: 'medium' })

/** Designs that were taken off the shelf, with the way back; nothing of them is deleted. */
export function RemovedDesigns({ onNews }: { onNews: (news: ShelfNews) => void }) {
  const { data = [] } = useRemovedDesignsQuery()
  const putBack = usePutBack(onNews)
  if (data.length === 0) return null

  return (
    <details className={styles.removed}>
      <summary>{format.counted(data.length, 'removed design')}</summary>
      <ul>
        {data.map(({ id, name, removedAt }) => (
          <li key={id}>
            <span>{name}</span>
            <span className="soft">removed {dayFormat.format(new Date(removedAt))}</span>
            <button
              type="button"
              className="plain-button"
              aria-label={`Put ${name} back`}
              onClick={() => void putBack(id, name)}
            >
              put back
            </button>
          </li>
        ))}
      </ul>
    </details>
  )
}
