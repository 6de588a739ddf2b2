import { Link } from 'react-router'
import { useDesignQuery } from '../api/api'
import { saveDocumentAsFile } from './saveAsFile'
import type { ShelfNews } from './shelfNews'
import { UnreadRow } from './UnreadRow'
import { usePutBack } from './usePutBack'
import styles from './shelf.module.css'

interface KeptElsewhereProps {
  designId: string
  copy: unknown
  onNews: (news: ShelfNews) => void
}

/**
 * Work kept in this browser on a design that is not among the rows shown: on another page of the shelf, or not on
 * the shelf any more, as when another window removed it.
 */
export function KeptElsewhere({ designId, copy, onNews }: KeptElsewhereProps) {
  const putBack = usePutBack(onNews)
  const { error, data, isLoading } = useDesignQuery(designId)
  const document = typeof copy === 'object' && copy && 'document' in copy ? copy.document : copy
  const said =
    typeof document === 'object' && document && 'name' in document ? document.name : undefined
  const name = typeof said === 'string' ? said : 'A design without a name'
  if (isLoading) return null
  if (data || (error && 'status' in error && error.status === 422)) {
    return (
      <li className={styles.keptElsewhere} role="note">
        Work on <Link to={`/designs/${designId}/drives`}>{name}</Link> that is not saved yet is kept
        in this browser; open it to save it.
      </li>
    )
  }
  return (
    <UnreadRow
      name={name}
      why="This design is not on the shelf any more. Work on it that was not saved is kept in this browser."
      onExport={() => {
        saveDocumentAsFile(name, document)
      }}
    >
      <button type="button" className="plain-button" onClick={() => void putBack(designId, name)}>
        put back
      </button>
    </UnreadRow>
  )
}
