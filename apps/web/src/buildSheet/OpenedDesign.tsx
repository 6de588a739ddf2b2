import type { ReactNode } from 'react'
import { Link } from 'react-router'
import { useOpenDesign } from '../saving/useOpenDesign'
import { selectEvaluated, selectGaveUp } from '../sheet/selectors'
import { useAppSelector } from '../store/hooks'
import { useWaitForFigures } from './useWaitForFigures'
import styles from './sheet.module.css'

/** Opens a design and shows what is made of it once it is there, with its figures; until then says how it stands. */
export function OpenedDesign({ designId, children }: { designId: string; children: ReactNode }) {
  const { isOpen, problem } = useOpenDesign(designId)
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
  return <FirstFigures>{children}</FirstFigures>
}

/** Shows it once there are figures to show: a design that takes long never holds the page. */
function FirstFigures({ children }: { children: ReactNode }) {
  const hasFigures = useAppSelector((state) => selectEvaluated(state) !== null)
  const gaveUp = useAppSelector(selectGaveUp)
  const wait = useWaitForFigures()
  if (hasFigures) return children
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
          <p>
            {gaveUp.why === 'not started'
              ? 'Working out its figures had not begun after a minute; the machine may be busy.'
              : 'Its figures were given up after ten seconds, and every change may take as long.'}
          </p>
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
