import { useReturnDesignMutation } from '../api/api'
import { problemSentence } from '../api/problemOf'
import { saveDocumentAsFile } from './saveAsFile'
import type { ShelfNews } from './shelfNews'
import styles from './shelf.module.css'

interface KeptElsewhereProps {
  designId: string
  copy: unknown
  onNews: (news: ShelfNews) => void
}

/** Work kept in this browser on a design that is not on the shelf any more, as when another window removed it. */
export function KeptElsewhere({ designId, copy, onNews }: KeptElsewhereProps) {
  const [returnDesign] = useReturnDesignMutation()
  const document = typeof copy === 'object' && copy && 'document' in copy ? copy.document : copy
  const said =
    typeof document === 'object' && document && 'name' in document ? document.name : undefined
  const name = typeof said === 'string' ? said : 'A design without a name'

  async function putBack(): Promise<void> {
    const { error } = await returnDesign(designId)
    onNews({ text: error ? problemSentence(error) : `Put ${name} back.` })
  }

  return (
    <li className={styles.design}>
      <div className={styles.thumb} />
      <div>
        <span className={styles.title}>{name}</span>
        <p role="note">
          This design is not on the shelf any more. Work on it that was not saved is kept in this
          browser.
        </p>
      </div>
      <div className={styles.more}>
        <button type="button" className="plain-button" onClick={() => void putBack()}>
          put back
        </button>
        <button
          type="button"
          className="plain-button"
          aria-label={`Export the work on ${name}`}
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
