import { useState } from 'react'
import { Link } from 'react-router'
import { KeysDialog } from './KeysDialog'
import { ThemeButton } from '../controls/ThemeButton'
import { Mark } from '../controls/Mark'
import { useAppDispatch, useAppSelector } from '../store/hooks'
import { RevisionsDialog } from './RevisionsDialog'
import { SaveWords } from './SaveWords'
import {
  selectCheckpointOf,
  selectDesignName,
  selectDesignId,
  selectRedoLabel,
  selectUndoLabel,
} from '../sheet/selectors'
import { checkpointSet, redone, undone } from '../store/sheetSlice'
import { useEdit } from '../sheet/useEdit'
import styles from './sheet.module.css'

export function SheetHead() {
  const dispatch = useAppDispatch()
  const undoLabel = useAppSelector(selectUndoLabel)
  const redoLabel = useAppSelector(selectRedoLabel)
  const designId = useAppSelector(selectDesignId)
  const hasCheckpoint = useAppSelector((state) => selectCheckpointOf(state, designId)) !== null
  const [showsRevisions, setShowsRevisions] = useState(false)
  return (
    <header className={styles.head}>
      <Link to="/" className={styles.mark} aria-label="Flint Shelf, to the shelf">
        <Mark /> Flint Shelf
      </Link>
      <SheetTitle />
      <div className={styles.crumb}>
        <Link to="/">Shelf</Link> / <NameField />
      </div>
      <SaveWords />
      <div className={styles.tools}>
        <button
          type="button"
          className="plain-button"
          disabled={undoLabel === null}
          title={undoLabel === null ? 'Nothing to undo' : `Undo: ${undoLabel} (Ctrl+Z)`}
          onClick={() => dispatch(undone())}
        >
          undo
        </button>
        <button
          type="button"
          className="plain-button"
          disabled={redoLabel === null}
          title={redoLabel === null ? 'Nothing to redo' : `Redo: ${redoLabel} (Ctrl+Shift+Z)`}
          onClick={() => dispatch(redone())}
        >
          redo
        </button>
        <button
          type="button"
          className="plain-button"
          title="Count the changes in the ledger from here on"
          onClick={() => dispatch(checkpointSet())}
        >
          checkpoint
        </button>
        {hasCheckpoint && (
          <Link
            to={`/compare?designs=${designId}@checkpoint,${designId}`}
            className="plain-button"
            title="The design at the checkpoint beside the design as it is"
          >
            compare
          </Link>
        )}
        <button
          type="button"
          className="plain-button"
          onClick={() => {
            setShowsRevisions(true)
          }}
        >
          revisions
        </button>
        <Link to="../print" relative="path" className="plain-button">
          print
        </Link>
        <ThemeButton />
        <KeysDialog />
      </div>
      {showsRevisions && (
        <RevisionsDialog
          onClose={() => {
            setShowsRevisions(false)
          }}
        />
      )}
    </header>
  )
}

/** The name is an input, which is no heading; readers get both. */
function SheetTitle() {
  const name = useAppSelector(selectDesignName)
  return <h1 className="only-for-readers">{name}</h1>
}

function NameField() {
  const name = useAppSelector(selectDesignName)
  const edit = useEdit()
  const [draft, setDraft] = useState<string | null>(null)
  return (
    <input
      className={styles.name}
      aria-label="Name of the design"
      maxLength={120}
      value={draft ?? name}
      title={name}
      onChange={({ target }) => {
        setDraft(target.value)
        edit({ do: 'rename', name: target.value }, true)
      }}
      onBlur={() => {
        setDraft(null)
      }}
      onKeyDown={({ key, currentTarget }) => {
        if (key === 'Enter' || key === 'Escape') currentTarget.blur()
      }}
    />
  )
}
