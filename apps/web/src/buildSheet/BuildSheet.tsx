import type { ReactNode } from 'react'
import { ErrorBoundary } from 'react-error-boundary'
import { Navigate, useParams } from 'react-router'
import { PageTitle } from '../controls/PageTitle'
import { lenses } from '../lenses/lenses'
import { Ledger } from '../ledger/Ledger'
import { selectDesign, selectDesignName } from '../sheet/selectors'
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
  const name = useAppSelector(selectDesignName)
  return (
    <div className={styles.sheet}>
      <PageTitle parts={[title, name]} />
      <SheetHead />
      <PaneBoundary lensId={id}>
        <StepRail />
      </PaneBoundary>
      <div className={styles.pane}>
        <ConflictNotice />
        <UnreadCopies />
        <FiguresBehind />
        <PaneBoundary lensId={id}>
          <Pane />
        </PaneBoundary>
      </div>
      <div className={styles.ledger}>
        <PaneBoundary lensId={id}>
          <Ledger />
        </PaneBoundary>
      </div>
      <SheetKeys />
    </div>
  )
}

/** Keeps a pane that cannot be drawn from the others, and draws it again once the design or the lens is another. */
function PaneBoundary({ lensId, children }: { lensId: string; children: ReactNode }) {
  const design = useAppSelector(selectDesign)
  return (
    <ErrorBoundary FallbackComponent={PaneProblem} resetKeys={[design, lensId]}>
      {children}
    </ErrorBoundary>
  )
}
