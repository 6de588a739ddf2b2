import type { ReactNode } from 'react'
import styles from './shelf.module.css'

interface UnreadRowProps {
  name: string
  /** Why it is not shown, and what becomes of it. */
  why: string
  onExport: () => void
  /** What else can be done with it. */
  children?: ReactNode
}

/** A design that cannot be shown here, by its name; it can be taken along as a file. */
export function UnreadRow({ name, why, onExport, children }: UnreadRowProps) {
  return (
    <li className={styles.design}>
      <div className={styles.thumb} />
      <div>
        <span className={styles.title}>{name}</span>
        <p role="note">{why}</p>
      </div>
      <div className={styles.more}>
        <button
          type="button"
          className="plain-button"
          aria-label={`Export ${name}`}
          onClick={onExport}
        >
          export
        </button>
        {children}
      </div>
    </li>
  )
}
