import type { ShelfRow } from '@flint/contract'
import { memo, useState } from 'react'
import { ErrorBoundary } from 'react-error-boundary'
import { Link } from 'react-router'
import { useCopyDesignMutation } from '../api/api'
import { problemSentence } from '../api/problemOf'
import { ElevationThumb } from '../drawing/ElevationThumb'
import { DesignFigures } from './DesignFigures'
import { ShareDialog } from '../people/ShareDialog'
import { RemoveButton } from './RemoveButton'
import type { ShelfNews } from './shelfNews'
import { UnreadRow } from './UnreadRow'
import { useExport } from './useExport'
import styles from './shelf.module.css'

interface DesignRowProps {
  row: ShelfRow
  /** Whether this browser keeps work on it that was not saved. */
  isKeptHere: boolean
  /** Whether there are others that it could be shared with. */
  hasOthers: boolean
  onNews: (news: ShelfNews) => void
}

/** A design on the shelf, also when it cannot be read or drawn. */
export const DesignRow = memo(function DesignRow(props: DesignRowProps) {
  const { row, onNews } = props
  const { id, name, unread, right } = row
  const exportDesign = useExport(onNews)
  const notShown = (why: string) => (
    <UnreadRow name={name} why={why} onExport={() => void exportDesign(id, name)}>
      {right === 'own' && <RemoveButton id={id} name={name} onNews={onNews} />}
    </UnreadRow>
  )
  if (unread !== null) return notShown(`${unread} It is left as it is.`)
  return (
    <ErrorBoundary
      fallback={notShown(
        'It cannot be drawn: something in it is not understood. It is left as it is.',
      )}
    >
      <ReadRow {...props} />
    </ErrorBoundary>
  )
})

function ReadRow({ row, isKeptHere, hasOthers, onNews }: DesignRowProps) {
  const [shares, setShares] = useState(false)
  const { id, name, notes, summary, isPending, right } = row
  const [copyDesign] = useCopyDesignMutation()
  const exportDesign = useExport(onNews)

  async function copy(): Promise<void> {
    const { error } = await copyDesign(id)
    onNews({ text: error ? problemSentence(error) : `Copied ${name}.` })
  }

  return (
    <li className={styles.design}>
      <div className={styles.thumb}>{summary && <ElevationThumb front={summary.front} />}</div>
      <div>
        <Link className={styles.title} to={`/designs/${id}/drives`}>
          {name}
        </Link>
        {right === 'look' && <span className="soft"> you may look at it</span>}
        {isKeptHere && (
          <p role="note">
            Work on it that is not saved yet is kept in this browser; open it to save it.
          </p>
        )}
        {notes && <p className="soft">{notes}</p>}
        {summary ? (
          <DesignFigures summary={summary} />
        ) : (
          <p className="soft">
            {isPending
              ? 'Its figures are being worked out …'
              : 'Its figures take too long to work out for a list; open it to see them.'}
          </p>
        )}
      </div>
      <div className={styles.more}>
        <button
          type="button"
          className="plain-button"
          aria-label={`Copy ${name}`}
          onClick={() => void copy()}
        >
          copy
        </button>
        <button
          type="button"
          className="plain-button"
          aria-label={`Export ${name}`}
          onClick={() => void exportDesign(id, name)}
        >
          export
        </button>
        {right === 'own' && hasOthers && (
          <button
            type="button"
            className="plain-button"
            aria-label={`Share ${name}`}
            onClick={() => {
              setShares(true)
            }}
          >
            share
          </button>
        )}
        {right === 'own' && <RemoveButton id={id} name={name} onNews={onNews} />}
      </div>
      {shares && (
        <ShareDialog
          id={id}
          name={name}
          onClose={() => {
            setShares(false)
          }}
        />
      )}
    </li>
  )
}
