import { useEffect } from 'react'
import { useAppSelector } from '../store/hooks'
import { selectRevision, selectSave } from '../sheet/selectors'
import type { Kept, SaveState } from '../store/sheetSlice'
import styles from './sheet.module.css'

/** Where the newest state of the design is, in words. */
export function SaveWords() {
  const save = useAppSelector(selectSave)
  const revision = useAppSelector(selectRevision)
  const lostOnLeaving = save.kind === 'unsaved' && save.here !== 'kept'

  useEffect(() => {
    if (!lostOnLeaving) return undefined
    const warn = (event: BeforeUnloadEvent): void => {
      event.preventDefault()
    }
    window.addEventListener('beforeunload', warn)
    return () => {
      window.removeEventListener('beforeunload', warn)
    }
  }, [lostOnLeaving])

  const loud = save.kind === 'unsaved' || save.kind === 'conflict'
  return (
    <span
      className={loud ? `${styles.state} ${styles.unsaved}` : styles.state}
      role="status"
      data-save={save.kind}
      title={save.kind === 'unsaved' ? save.reason : undefined}
    >
      {saveWords(save, revision)}
    </span>
  )
}

const UNSAVED: Record<Kept, string> = {
  kept: 'not saved, kept in this browser',
  'being kept': 'not saved yet …',
  refused: 'not saved, and this browser cannot keep it',
}

export function saveWords(save: SaveState, revision: number): string {
  switch (save.kind) {
    case 'saved':
      return `saved · revision ${revision}`
    case 'saving':
      return 'saving …'
    case 'unsaved':
      return UNSAVED[save.here]
    case 'looking':
      return 'only looking: changes are not saved'
    case 'conflict':
      return 'not saved: saved elsewhere meanwhile'
  }
}
