import { ErrorBoundary } from 'react-error-boundary'
import { Link, Navigate, useParams } from 'react-router'
import { lenses } from '../lenses/lenses'
import { Ledger } from '../ledger/Ledger'
import { useOpenDesign } from '../saving/useOpenDesign'
import { selectDesign } from '../sheet/selectors'
import { useAppSelector } from '../store/hooks'
import { ConflictNotice } from './ConflictNotice'
import { PaneProblem } from './PaneProblem'
import { SheetHead } from './SheetHead'
import { SheetKeys } from './SheetKeys'
import { StepRail } from './StepRail'
import { UnreadCopies } from './UnreadCopies'
import styles from './sheet.module.css'

/** One design: step rail, drawing, tray and ledger. */
export function BuildSheet() {
  const { designId = '', lensId = '' } = useParams()
  const { isOpen, problem, openAnyway } = useOpenDesign(designId)
  const lens = lenses.find(({ id }) => id === lensId)

  if (!lens) return <Navigate to={`/designs/${designId}/drives`} replace />
  if (problem && !isOpen) {
    return (
      <main className={styles.centre}>
        <h1>This design cannot be opened</h1>
        <p>{problem}</p>
        <Link to="/">Back to the shelf</Link>
      </main>
    )
  }
  if (openAnyway) {
    return (
      <main className={styles.centre}>
        <h1>This design takes long to work out</h1>
        <p>
          The server gave up on its figures after ten seconds. The page would stand still for as
          long, and again after every change.
        </p>
        <p>
          <button type="button" className="plain-button" onClick={openAnyway}>
            Open it anyway
          </button>{' '}
          <Link to="/">Back to the shelf</Link>, where it can be exported
        </p>
      </main>
    )
  }
  if (!isOpen) {
    return (
      <main className={styles.centre} aria-busy="true">
        <p className="soft">Opening the design …</p>
      </main>
    )
  }
  return <OpenSheet lens={lens} />
}

/** The panes of a design that is open; one that cannot be drawn leaves the others alone. */
function OpenSheet({ lens: { id, Pane } }: { lens: (typeof lenses)[number] }) {
  const design = useAppSelector(selectDesign)
  return (
    <div className={styles.sheet}>
      <SheetHead />
      <ErrorBoundary FallbackComponent={PaneProblem} resetKeys={[design]}>
        <StepRail />
      </ErrorBoundary>
      <div className={styles.pane}>
        <ConflictNotice />
        <UnreadCopies />
        <ErrorBoundary FallbackComponent={PaneProblem} resetKeys={[design, id]}>
          <Pane />
        </ErrorBoundary>
      </div>
      <div className={styles.ledger}>
        <ErrorBoundary FallbackComponent={PaneProblem} resetKeys={[design]}>
          <Ledger />
        </ErrorBoundary>
      </div>
      <SheetKeys />
    </div>
  )
}
