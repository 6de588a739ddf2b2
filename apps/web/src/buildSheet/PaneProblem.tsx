import type { FallbackProps } from 'react-error-boundary'
import styles from './sheet.module.css'

/** In place of a pane that cannot be drawn; the others go on, and the design can still be changed and exported. */
export function PaneProblem({ resetErrorBoundary }: FallbackProps) {
  return (
    <div className={styles.centre} role="alert">
      <p>
        This part of the page cannot be drawn. Nothing of the design is lost: undo the last change,
        or look at another step.
      </p>
      <button type="button" className="plain-button" onClick={resetErrorBoundary}>
        Try again
      </button>
    </div>
  )
}
