import { Link, Navigate, useParams } from 'react-router'
import { lenses } from '../lenses/lenses'
import { Ledger } from '../ledger/Ledger'
import { useOpenDesign } from '../saving/useOpenDesign'
import { ConflictNotice } from './ConflictNotice'
import { SheetHead } from './SheetHead'
import { SheetKeys } from './SheetKeys'
import { StepRail } from './StepRail'
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
  const { Pane } = lens
  return (
    <div className={styles.sheet}>
      <SheetHead />
      <StepRail />
      <div className={styles.pane}>
        <ConflictNotice />
        <Pane />
      </div>
      <div className={styles.ledger}>
        <Ledger />
      </div>
      <SheetKeys />
    </div>
  )
}
