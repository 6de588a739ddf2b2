import { ErrorBoundary } from 'react-error-boundary'
import { Link, Navigate, useParams } from 'react-router'
import { PageTitle } from '../controls/PageTitle'
import { lenses } from '../lenses/lenses'
import { Ledger } from '../ledger/Ledger'
import { useOpenDesign } from '../saving/useOpenDesign'
import { selectDesign, selectEvaluated, selectGaveUp } from '../sheet/selectors'
import { useAppSelector } from '../store/hooks'
import { ConflictNotice } from './ConflictNotice'
import { FiguresBehind } from './FiguresBehind'
import { PaneProblem } from './PaneProblem'
import { SheetHead } from './SheetHead'
import { SheetKeys } from './SheetKeys'
import { StepRail } from './StepRail'
import { UnreadCopies } from './UnreadCopies'
import { useWaitForFigures } from './useWaitForFigures'
import styles from './sheet.module.css'

/** One design: step rail, drawing, tray and ledger. */
export function BuildSheet() {
  const { designId = '', lensId = '' } = useParams()
  const { isOpen, problem } = useOpenDesign(designId)
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
  if (!isOpen) {
    return (
      <main className={styles.centre} aria-busy="true">
        <p className="soft">Opening the design …</p>
      </main>
    )
  }
  return <FirstFigures lens={lens} />
}

/** Shows the sheet once there are figures to show: a design that takes long never holds the page. */
function FirstFigures({ lens }: { lens: (typeof lenses)[number] }) {
  const hasFigures = useAppSelector(selectEvaluated) !== null
  const gaveUp = useAppSelector(selectGaveUp)
  const wait = useWaitForFigures()
  if (hasFigures) return <OpenSheet lens={lens} />
  if (gaveUp === null) {
    return (
      <main className={styles.centre} aria-busy="true">
        <p className="soft">Working out the design …</p>
      </main>
    )
  }
  return (
    <main className={styles.centre}>
      {gaveUp.why === 'failed' ? (
        <>
          <h1>This design cannot be worked out</h1>
          <p>That is a mistake of Flint Shelf. The design itself is stored as it was.</p>
        </>
      ) : (
        <>
          <h1>This design takes long to work out</h1>
          <p>Its figures were given up after ten seconds, and every change may take as long.</p>
          <p>
            <button type="button" className="plain-button" onClick={wait}>
              Wait for them
            </button>
          </p>
        </>
      )}
      <p>
        <Link to="/">Back to the shelf</Link>, where it can be exported
      </p>
    </main>
  )
}

/** The panes of a design that is open; one that cannot be drawn leaves the others alone. */
function OpenSheet({ lens: { id, title, Pane } }: { lens: (typeof lenses)[number] }) {
  const design = useAppSelector(selectDesign)
  return (
    <div className={styles.sheet}>
      <PageTitle parts={[title, design.name]} />
      <SheetHead />
      <ErrorBoundary FallbackComponent={PaneProblem} resetKeys={[design]}>
        <StepRail />
      </ErrorBoundary>
      <div className={styles.pane}>
        <ConflictNotice />
        <UnreadCopies />
        <FiguresBehind />
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
