import { selectGaveUp } from '../sheet/selectors'
import { useAppSelector } from '../store/hooks'
import { useWaitForFigures } from './useWaitForFigures'
import styles from './sheet.module.css'

/** The figures of the last change were given up: says that those shown are older. */
export function FiguresBehind() {
  const gaveUp = useAppSelector(selectGaveUp)
  const wait = useWaitForFigures()
  if (gaveUp === null) return null
  return (
    <div className={styles.notice} role="alert">
      {gaveUp.why === 'failed' ? (
        <span>
          The figures of the last change could not be worked out, which is a mistake of Flint Shelf.
          Those below are of the design before it; undo goes back to it.
        </span>
      ) : (
        <>
          <span>
            {gaveUp.why === 'not started'
              ? 'Working out the last change had not begun after a minute.'
              : 'Working out the last change was given up after ten seconds.'}{' '}
            The figures below are of the design before it; undo goes back to it.
          </span>
          <button type="button" className="plain-button" onClick={wait}>
            Wait for them
          </button>
        </>
      )}
    </div>
  )
}
