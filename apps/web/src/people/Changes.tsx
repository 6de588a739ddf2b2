import { ENTRIES_PER_PAGE, type ChangeEntry } from '@flint/contract'
import { useState } from 'react'
import { problemSentence } from '../api/problemOf'
import { useChangesQuery, useLazyChangesQuery } from '../api/peopleApi'
import { ChangeList } from './ChangeList'

/** Every change that was made in the house. */
export function Changes() {
  const { data: newest = [], error } = useChangesQuery({})
  const [readOlder] = useLazyChangesQuery()
  const [older, setOlder] = useState<ChangeEntry[]>([])
  const all = [...newest, ...older]
  const last = all.at(-1)
  const mayHaveMore = all.length > 0 && all.length % ENTRIES_PER_PAGE === 0
  return (
    <section aria-labelledby="changes-title">
      <h2 id="changes-title">Changes</h2>
      {error && <p role="alert">{problemSentence(error)}</p>}
      <ChangeList entries={all} />
      {mayHaveMore && last && (
        <button
          type="button"
          className="plain-button"
          onClick={() =>
            void readOlder({ before: last.id }).then(({ data = [] }) => {
              setOlder([...older, ...data])
            })
          }
        >
          Show older ones
        </button>
      )}
    </section>
  )
}
