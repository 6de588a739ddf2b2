import { LOCALE } from '../controls/locale'
import { VersionName } from './VersionName'

const timeFormat = new Intl.DateTimeFormat(LOCALE, { dateStyle: 'medium', timeStyle: 'short' })

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

/** Versions of a design, each with its date and the way to it. */
export function VersionList({ versions, action, onChoose, onCompare, onName }: VersionListProps) {
  return (
    <ul style={{ listStyle: 'none', padding: 0 }}>
      {versions.map(({ key, mark, savedAt, name, label = null, what = null, isPresent }) => (
        <li
          key={key}
          style={{ display: 'flex', flexWrap: 'wrap', gap: 12, alignItems: 'baseline' }}
        >
          <span className="figure" style={{ minWidth: '3em', textAlign: 'right' }}>
            {mark}
          </span>
          <span className="soft">{timeFormat.format(new Date(savedAt))}</span>
          <span style={{ overflowWrap: 'anywhere', minWidth: 0, flex: '1 1 220px' }}>
            {what ?? name}
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
          <span style={{ marginLeft: 'auto' }}>
            {isPresent ? (
              <span className="soft" style={{ padding: '4px 6px' }}>
                newest
              </span>
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
      ))}
    </ul>
  )
}
