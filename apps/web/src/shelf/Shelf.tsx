import { isUnread } from '@flint/contract'
import Snackbar from '@mui/material/Snackbar'
import { useState } from 'react'
import { ErrorBoundary } from 'react-error-boundary'
import { Link } from 'react-router'
import { useReturnDesignMutation, useRestoreDemoMutation, useShelfQuery } from '../api/api'
import { problemSentence } from '../api/problemOf'
import { Mark } from '../controls/Mark'
import { ThemeButton } from '../controls/ThemeButton'
import { format } from '../controls/locale'
import { useKeptWork } from '../saving/useKeptWork'
import { DesignRow } from './DesignRow'
import { ImportButton } from './ImportButton'
import { KeptElsewhere } from './KeptElsewhere'
import { NewDesignDialog } from './NewDesignDialog'
import { RemovedDesigns } from './RemovedDesigns'
import { UnreadRow } from './UnreadRow'
import type { ShelfNews } from './shelfNews'
import styles from './shelf.module.css'

/** Home: every design as a small elevation with its ledger. */
export function Shelf() {
  const { data, error, isLoading, refetch } = useShelfQuery()
  const [restoreDemo, { isLoading: isRestoring }] = useRestoreDemoMutation()
  const [returnDesign] = useReturnDesignMutation()
  const keptWork = useKeptWork()
  const [makesNew, setMakesNew] = useState(false)
  const [news, setNews] = useState<ShelfNews | null>(null)

  async function restore(): Promise<void> {
    const result = await restoreDemo()
    setNews({
      text: result.error
        ? problemSentence(result.error)
        : 'The demo designs are as shipped. What they were before is among their revisions.',
    })
  }

  return (
    <div className={styles.page}>
      <header className={styles.head}>
        <h1 className={styles.brand}>
          <Mark /> Flint Shelf
        </h1>
        <div className={styles.tools}>
          <button
            type="button"
            className="plain-button"
            onClick={() => {
              setMakesNew(true)
            }}
          >
            New design
          </button>
          <ImportButton onNews={setNews} />
          <Link to="/parts" className="plain-button">
            Parts
          </Link>
          <button
            type="button"
            className="plain-button"
            disabled={isRestoring}
            onClick={() => void restore()}
          >
            Restore the demo
          </button>
          <ThemeButton />
        </div>
      </header>
      <main className={styles.main}>
        <h2>On the shelf</h2>
        {isLoading && <p className="soft">Reading the shelf …</p>}
        {error && !data && (
          <p role="alert">
            {problemSentence(error)}
            {keptWork.size > 0 &&
              ` This browser keeps work on ${format.counted(keptWork.size, 'design')} that was not saved.`}{' '}
            <button type="button" className="plain-button" onClick={() => void refetch()}>
              Try again
            </button>
          </p>
        )}
        {data?.length === 0 && (
          <p>
            The shelf is empty.{' '}
            <button
              type="button"
              className="plain-button"
              onClick={() => {
                setMakesNew(true)
              }}
            >
              Start a design
            </button>
          </p>
        )}
        <ul className={styles.list}>
          {data?.map((design) =>
            isUnread(design) ? (
              <UnreadRow
                key={design.id}
                name={design.name}
                why={`${design.unread} It is left as it is.`}
                document={design.document}
              />
            ) : (
              <ErrorBoundary
                key={design.id}
                fallback={
                  <UnreadRow
                    name={design.document.name}
                    why="It cannot be drawn: something in it is not understood. It is left as it is."
                    document={design.document}
                  />
                }
              >
                <DesignRow stored={design} isKeptHere={keptWork.has(design.id)} onNews={setNews} />
              </ErrorBoundary>
            ),
          )}
          {data &&
            [...keptWork].map(([designId, copy]) =>
              data.some(({ id }) => id === designId) ? null : (
                <KeptElsewhere key={designId} designId={designId} copy={copy} onNews={setNews} />
              ),
            )}
        </ul>
        <RemovedDesigns onNews={setNews} />
      </main>
      {makesNew && (
        <NewDesignDialog
          onClose={() => {
            setMakesNew(false)
          }}
        />
      )}
      <Snackbar
        open={news !== null}
        autoHideDuration={8000}
        onClose={(_event, reason) => {
          if (reason !== 'clickaway') setNews(null)
        }}
        message={news?.text}
        action={
          news?.removedId && (
            <button
              type="button"
              className="plain-button"
              style={{ color: 'inherit' }}
              onClick={() => {
                if (news.removedId) void returnDesign(news.removedId)
                setNews(null)
              }}
            >
              Put it back
            </button>
          )
        }
      />
    </div>
  )
}
