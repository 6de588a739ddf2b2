import { listed } from '@flint/core/figures'
import { useUnreadPartsQuery } from '../api/api'
import { format } from '../controls/locale'

/** Names shown before the rest is counted. */
const MOST_NAMED = 5

/** Parts that a newer Flint Shelf has made, or that are broken: named, and left as they are. */
export function UnreadParts() {
  const { data = [] } = useUnreadPartsQuery()
  if (data.length === 0) return null
  const names = data.slice(0, MOST_NAMED).map(({ name }) => name)
  const more = data.length - names.length
  const all = more > 0 ? [...names, `${format.number(more)} more`] : names
  return (
    <p className="soft" role="note">
      Not shown, since a newer Flint Shelf made {data.length === 1 ? 'it' : 'them'} or something in{' '}
      {data.length === 1 ? 'it' : 'them'} is broken: {listed(all)}.
    </p>
  )
}
