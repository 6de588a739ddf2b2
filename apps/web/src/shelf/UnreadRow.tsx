import { saveDocumentAsFile } from './saveAsFile'
import styles from './shelf.module.css'

interface UnreadRowProps {
  name: string
  /** Why it is not shown, one sentence. */
  why: string
  document: unknown
}

/** A design that cannot be read or drawn here; it stays as it is, and can be taken along as a file. */
export function UnreadRow({ name, why, document }: UnreadRowProps) {
  return (
    <li className={styles.design}>
      <div className={styles.thumb} />
      <div>
        <span className={styles.title}>{name}</span>
        <p role="note">{why} It is left as it is.</p>
      </div>
      <div className={styles.more}>
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
