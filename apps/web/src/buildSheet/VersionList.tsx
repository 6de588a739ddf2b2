import { LOCALE } from '../controls/locale'

const timeFormat = new Intl.DateTimeFormat(LOCALE, { dateStyle: 'medium', timeStyle: 'short' })

interface Version {
  key: string
  /** Before the date: its number, or what it was made from. */
  mark: string
  savedAt: string
  name: string
  /** Whether it is what is worked on now. */
  isPresent?: boolean
}

interface VersionListProps {
  versions: readonly Version[]
  /** What the button of each does. */
  action: string
  onChoose: (key: string) => void
}

/** Versions of a design, each with its date and the way to it. */
export function VersionList({ versions, action, onChoose }: VersionListProps) {
  return (
    <ul style={{ listStyle: 'none', padding: 0 }}>
      {versions.map(({ key, mark, savedAt, name, isPresent }) => (
        <li key={key} style={{ display: 'flex', gap: 12, alignItems: 'baseline' }}>
          <span className="figure" style={{ minWidth: '3em', textAlign: 'right' }}>
            {mark}
          </span>
          <span className="soft">{timeFormat.format(new Date(savedAt))}</span>
          <span>{name}</span>
          {isPresent ? (
            <span className="soft" style={{ marginLeft: 'auto', padding: '4px 6px' }}>
              newest
            </span>
          ) : (
            <button
              type="button"
              className="plain-button"
              style={{ marginLeft: 'auto' }}
              onClick={() => {
                onChoose(key)
              }}
            >
              {action}
            </button>
          )}
        </li>
      ))}
    </ul>
  )
}
