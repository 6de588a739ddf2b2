import type { ReactNode } from 'react'
import { saveDocumentAsFile } from './saveAsFile'
import styles from './shelf.module.css'

interface UnreadRowProps {
  name: string
  /** Why it is not shown, and what becomes of it. */
  why: string
  document: unknown
  /** What else can be done with it, before its export. */
  children?: ReactNode
}

/** A design that cannot be shown here, by its name; it can be taken along as a file. */
export function UnreadRow({ name, why, document, children }: UnreadRowProps) {
  return (
    <li className={styles.design}>
      <div className={styles.thumb} />
      <div>
        <span className={styles.title}>{name}</span>
        <p role="note">{why}</p>
      </div>
      <div className={styles.more}>
        {children}
        <button
          type="button"
          className="plain-button"
          aria-label={`Export ${name}`}
          onClick={() => {
            saveDocumentAsFile(name, document)
          }}
        >
          export
        </button>
      </div>
    </li>
  )
}
