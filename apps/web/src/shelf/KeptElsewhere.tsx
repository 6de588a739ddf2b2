import type { ShelfNews } from './shelfNews'
import { UnreadRow } from './UnreadRow'
import { usePutBack } from './usePutBack'

interface KeptElsewhereProps {
  designId: string
  copy: unknown
  onNews: (news: ShelfNews) => void
}

/** Work kept in this browser on a design that is not on the shelf any more, as when another window removed it. */
export function KeptElsewhere({ designId, copy, onNews }: KeptElsewhereProps) {
  const putBack = usePutBack(onNews)
  const document = typeof copy === 'object' && copy && 'document' in copy ? copy.document : copy
  const said =
    typeof document === 'object' && document && 'name' in document ? document.name : undefined
  const name = typeof said === 'string' ? said : 'A design without a name'
  return (
    <UnreadRow
      name={name}
      why="This design is not on the shelf any more. Work on it that was not saved is kept in this browser."
      document={document}
    >
      <button type="button" className="plain-button" onClick={() => void putBack(designId, name)}>
        put back
      </button>
    </UnreadRow>
  )
}
