import type { NearMiss, PartQuery } from '@flint/core/editing'
import { format } from '../controls/locale'
import styles from './tray.module.css'

interface QueryWordsProps {
  query: PartQuery
  near: readonly NearMiss[]
  /** Asks another question. */
  onWords: (words: string) => void
}

/** What was understood of a question, piece by piece; where nothing was found, what to leave out. */
export function QueryWords({ query: { criteria }, near, onWords }: QueryWordsProps) {
  const hasMeasures = criteria.some(({ understood }) => understood !== null)
  return (
    <>
      {hasMeasures && (
        <ul className={styles.understood} aria-label="Understood as">
          {criteria.map((one) => (
            <li key={one.source}>{criterionText(one)}</li>
          ))}
        </ul>
      )}
      {near.length > 0 && (
        <ul className={styles.near} aria-label="Nearly">
          {near.map(({ without, question, count }) => (
            <li key={question}>
              <button
                type="button"
                className="plain-button"
                onClick={() => {
                  onWords(question)
                }}
              >
                Without {criterionText(without)}: {format.number(count)}
              </button>
            </li>
          ))}
        </ul>
      )}
    </>
  )
}

/** "depth under 400 mm", "about 12 TB", or the word in quotes. */
function criterionText({ source, understood }: PartQuery['criteria'][number]): string {
  if (!understood) return `“${source}”`
  const { measure, comparison, value, unit } = understood
  const amount = `${format.number(value, 2)}${unit ? ` ${unit}` : ''}`
  return comparison === 'about' ? `${measure} ${amount}` : `${measure} ${comparison} ${amount}`
}
