import { PageTitle } from '../controls/PageTitle'
import type { ShelfOrder } from '@flint/contract'
import Snackbar from '@mui/material/Snackbar'
import { useState } from 'react'
import { Link } from 'react-router'
import { useReturnDesignMutation, useRestoreDemoMutation } from '../api/api'
import { useSessionQuery } from '../api/peopleApi'
import { problemSentence } from '../api/problemOf'
import { Mark } from '../controls/Mark'
import { ThemeButton } from '../controls/ThemeButton'
import { format } from '../controls/locale'
import { useAfterPause } from '../controls/useAfterPause'
import { useKeptWork } from '../saving/useKeptWork'
import { DesignRow } from './DesignRow'
import { FirstVisit } from './FirstVisit'
import { ImportButton } from './ImportButton'
import { KeptElsewhere } from './KeptElsewhere'
import { NewDesignDialog } from './NewDesignDialog'
import { RemovedDesigns } from './RemovedDesigns'
import { ShelfFinder } from './ShelfFinder'
import { useShelfRows } from './useShelfRows'
import type { ShelfNews } from './shelfNews'
import styles from './shelf.module.css'

/** As many designs are seen at a glance; more are searched and ordered. */
const FEW = 5

/** Home: every design as a small elevation with its ledger. */
export function Shelf() {
  const [find, setFind] = useState('')
  const [order, setOrder] = useState<ShelfOrder>('made')
  const asked = { find: useAfterPause(find.trim()), order }
  const { data, error, isLoading, hasNextPage, isFetchingNextPage, fetchNextPage, refetch } =
    useShelfRows(asked)
  const rows = data?.pages.flatMap((page) => page.rows) ?? []
  const [first] = data?.pages ?? []
  const hasMany = (first?.total ?? 0) > FEW
  const [restoreDemo, { isLoading: isRestoring }] = useRestoreDemoMutation()
  const [returnDesign] = useReturnDesignMutation()
  const { data: session } = useSessionQuery()
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
        <PageTitle parts={[]} />
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
          <a
            href="/api/everything"
            download="flint-shelf-everything.json"
            className="plain-button"
            title="All designs that you may see, and your own parts, in one file that Import reads"
          >
            Save all
          </a>
          <Link to="/parts" className="plain-button">
            Parts
          </Link>
          <Link to="/compare" className="plain-button">
            Compare
          </Link>
          <Link to="/prices" className="plain-button">
            Prices
          </Link>
          <button
            type="button"
            className="plain-button"
            disabled={isRestoring}
            onClick={() => void restore()}
          >
            Restore the demo
          </button>
          {session?.kind === 'account' && (
            <Link to="/account" className="plain-button">
              {session.account.name}
            </Link>
          )}
          <ThemeButton />
        </div>
      </header>
      <main className={styles.main}>
        <FirstVisit
          onStart={() => {
            setMakesNew(true)
          }}
        />
        <div className={styles.heading}>
          <h2>On the shelf</h2>
          {first && <span className="soft">{format.counted(first.total, 'design')}</span>}
          {(hasMany || find !== '') && (
            <ShelfFinder find={find} onFind={setFind} order={order} onOrder={setOrder} />
          )}
        </div>
        {isLoading && <p className="soft">Reading the shelf …</p>}
        {error && (
          <p role="alert">
            {problemSentence(error)}
            {keptWork.size > 0 &&
              ` This browser keeps work on ${format.counted(keptWork.size, 'design')} that was not saved.`}{' '}
            <button type="button" className="plain-button" onClick={() => void refetch()}>
              Try again
            </button>
          </p>
        )}
        {first?.total === 0 && asked.find === '' && (
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
        {first?.total === 0 && asked.find !== '' && <p>No design has these words.</p>}
        <ul className={styles.list} aria-label="Designs">
          {rows.map((row) => (
            <DesignRow
              key={row.id}
              row={row}
              isKeptHere={keptWork.has(row.id)}
              hasOthers={session?.kind === 'account'}
              onNews={setNews}
            />
          ))}
          {data &&
            [...keptWork].map(([designId, copy]) =>
              rows.some(({ id }) => id === designId) ? null : (
                <KeptElsewhere key={designId} designId={designId} copy={copy} onNews={setNews} />
              ),
            )}
        </ul>
        {hasNextPage && first && (
          <button
            type="button"
            className={`plain-button ${styles.next ?? ''}`}
            disabled={isFetchingNextPage}
            onClick={() => void fetchNextPage()}
          >
            Show more ({format.number(first.total - rows.length)} left)
          </button>
        )}
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
