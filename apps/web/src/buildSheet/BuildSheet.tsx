import { ErrorBoundary } from 'react-error-boundary'
import { Navigate, useParams } from 'react-router'
import { PageTitle } from '../controls/PageTitle'
import { lenses } from '../lenses/lenses'
import { Ledger } from '../ledger/Ledger'
import { selectDesign } from '../sheet/selectors'
import { useAppSelector } from '../store/hooks'
import { ConflictNotice } from './ConflictNotice'
import { FiguresBehind } from './FiguresBehind'
import { OpenedDesign } from './OpenedDesign'
import { PaneProblem } from './PaneProblem'
import { SheetHead } from './SheetHead'
import { SheetKeys } from './SheetKeys'
import { StepRail } from './StepRail'
import { UnreadCopies } from './UnreadCopies'
import styles from './sheet.module.css'

/** One design: step rail, drawing, tray and ledger. */
export function BuildSheet() {
  const { designId = '', lensId = '' } = useParams()
  const lens = lenses.find(({ id }) => id === lensId)
  if (!lens) return <Navigate to={`/designs/${designId}/drives`} replace />
  return (
    <OpenedDesign designId={designId}>
      <OpenSheet lens={lens} />
    </OpenedDesign>
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
