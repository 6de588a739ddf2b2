import { Link, useParams } from 'react-router'
import { OpenedDesign } from '../buildSheet/OpenedDesign'
import { PageTitle } from '../controls/PageTitle'
import { selectDesign } from '../sheet/selectors'
import { useAppSelector } from '../store/hooks'
import { PrintedDesign } from './PrintedDesign'
import styles from './print.module.css'

/** A whole design as pages, to be printed or saved as PDF by the browser. */
export function PrintScreen() {
  const { designId = '' } = useParams()
  return (
    <OpenedDesign designId={designId}>
      <PrintPages designId={designId} />
    </OpenedDesign>
  )
}

function PrintPages({ designId }: { designId: string }) {
  const { name } = useAppSelector(selectDesign)
  return (
    <div className={styles.screen}>
      <PageTitle parts={['Print', name]} />
      <nav className={styles.tools} aria-label="Print">
        <Link to={`/designs/${designId}/drives`}>Back to {name}</Link>
        <button
          type="button"
          className="plain-button"
          onClick={() => {
            window.print()
          }}
        >
          Print, or save as PDF
        </button>
      </nav>
      <main className={styles.pages}>
        <PrintedDesign />
      </main>
    </div>
  )
}
