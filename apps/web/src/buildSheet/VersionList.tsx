import type { RevisionFigures } from '@flint/contract'
import { LOCALE } from '../controls/locale'
import { ledgerFigures } from '../ledger/figures'
import { daysOf } from './daysOf'
import { VersionName } from './VersionName'
import styles from './versions.module.css'

const timeFormat = new Intl.DateTimeFormat(LOCALE, { timeStyle: 'short' })

interface Version {
  key: string
  /** Before the date: its number, or what it was made from. */
  mark: string
  savedAt: string
  name: string
  /** The name that somebody gave it. */
  label?: string | null
  /** What was done in it. */
  what?: string | null
  /** What the ledger said of it. */
  figures?: RevisionFigures | null
  /** Whether it is what is worked on now. */
  isPresent?: boolean
}

interface VersionListProps {
  versions: readonly Version[]
  /** What the button of each does. */
  action: string
  onChoose: (key: string) => void
  onCompare: (key: string) => void
  /** Gives it a name, or takes it away; versions without this have none. */
  onName?: (key: string, label: string | null) => void
}

/** Versions of a design by day, each with its time, what it says and the way to it. */
export function VersionList({ versions, ...ways }: VersionListProps) {
  return daysOf(versions, new Date(), LOCALE).map(({ day, versions: ofDay }) => (
    <section key={day} aria-label={day}>
      <h4 className={styles.day}>{day}</h4>
      <ul className={styles.versions}>
        {ofDay.map((version) => (
          <VersionRow key={version.key} version={version} {...ways} />
        ))}
      </ul>
    </section>
  ))
}

function VersionRow({
  version: { key, mark, savedAt, name, label = null, what = null, figures = null, isPresent },
  action,
  onChoose,
  onCompare,
  onName,
}: Omit<VersionListProps, 'versions'> & { version: Version }) {
  return (
    <li className={styles.version}>
      <span className={`figure ${styles.mark ?? ''}`}>{mark}</span>
      <span className="soft">{timeFormat.format(new Date(savedAt))}</span>
      <span className={styles.what}>
        {what ?? name}
        {figures && (
          <span className={`soft figure ${styles.figures ?? ''}`}>{figureWords(figures)}</span>
        )}
      </span>
      {onName && (
        <VersionName
          mark={mark}
          label={label}
          onName={(given) => {
            onName(key, given)
          }}
        />
      )}
      <span className={styles.ways}>
        {isPresent ? (
          <span className={`soft ${styles.newest ?? ''}`}>newest</span>
        ) : (
          <>
            <button
              type="button"
              className="plain-button"
              aria-label={`Compare with ${mark}`}
              onClick={() => {
                onCompare(key)
              }}
            >
              Compare
            </button>
            <button
              type="button"
              className="plain-button"
              onClick={() => {
                onChoose(key)
              }}
            >
              {action}
            </button>
          </>
        )}
      </span>
    </li>
  )
}

/** The figures of the ledger in one line, each as the ledger writes it. */
function figureWords(figures: RevisionFigures): string {
  return ledgerFigures
    .map(({ value: write }) => {
      const { value, unit } = write(figures)
      return unit === '' ? value : `${value} ${unit}`
    })
    .join(' · ')
}
