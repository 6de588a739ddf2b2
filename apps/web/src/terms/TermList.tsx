import type { Term } from './terms'
import styles from './terms.module.css'

/** Terms with what they mean; nothing where there are none. */
export function TermList({ terms }: { terms: readonly Term[] }) {
  if (terms.length === 0) return null
  return (
    <dl className={styles.list}>
      {terms.map(({ name, says }) => (
        <div key={name}>
          <dt>{name}</dt>
          <dd>{says}</dd>
        </div>
      ))}
    </dl>
  )
}
