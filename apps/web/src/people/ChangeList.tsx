import type { ChangeEntry } from '@flint/contract'
import { format, LOCALE } from '../controls/locale'
import styles from './people.module.css'

const timeFormat = new Intl.DateTimeFormat(LOCALE, { dateStyle: 'medium', timeStyle: 'short' })

/** Who changed what, the last one first. */
export function ChangeList({ entries }: { entries: readonly ChangeEntry[] }) {
  if (entries.length === 0) return <p className="soft">Nothing was changed yet.</p>
  return (
    <ul className={styles.rows}>
      {entries.map(({ id, at, actor, did, designName, about, times }) => (
        <li key={id}>
          <span className="soft">{timeFormat.format(new Date(at))}</span>
          <span>{actor}</span>
          <span>
            {did}
            {times > 1 && ` ${format.number(times)} times`}
          </span>
          {(designName ?? about) && <span className="soft">{designName ?? about}</span>}
        </li>
      ))}
    </ul>
  )
}
