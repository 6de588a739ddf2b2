import { useState } from 'react'

interface VersionNameProps {
  /** What stands before the version in its list. */
  mark: string
  label: string | null
  onName: (label: string | null) => void
}

/** The name of a revision, to read and to change. */
export function VersionName({ mark, label, onName }: VersionNameProps) {
  const [draft, setDraft] = useState<string | null>(null)

  if (draft === null) {
    return (
      <button
        type="button"
        className="plain-button"
        aria-label={label === null ? `Name revision ${mark}` : `${label}: rename revision ${mark}`}
        onClick={() => {
          setDraft(label ?? '')
        }}
      >
        {label === null ? 'name it' : `“${label}”`}
      </button>
    )
  }
  return (
    <form
      onSubmit={(event) => {
        event.preventDefault()
        onName(draft.trim() === '' ? null : draft.trim())
        setDraft(null)
      }}
      onKeyDown={(event) => {
        if (event.key !== 'Escape') return
        // The dialog stays open.
        event.stopPropagation()
        setDraft(null)
      }}
    >
      <input
        aria-label={`Name of revision ${mark}`}
        autoFocus
        maxLength={120}
        value={draft}
        onChange={({ target }) => {
          setDraft(target.value)
        }}
      />
      <button type="submit" className="plain-button">
        keep
      </button>
    </form>
  )
}
