import { useForgetPartMutation, useRemovedPartsQuery, useReturnPartMutation } from '../api/api'
import { problemSentence } from '../api/problemOf'
import { RemovedThings } from '../controls/RemovedThings'

/** Parts of one's own that were removed, with the way back. */
export function RemovedParts() {
  const { data = [] } = useRemovedPartsQuery()
  const [putBack, { error: notReturned }] = useReturnPartMutation()
  const [forget, { error: notForgotten }] = useForgetPartMutation()
  const problem = notReturned ?? notForgotten

  return (
    <>
      {problem && <p role="alert">{problemSentence(problem)}</p>}
      <RemovedThings
        noun="removed part"
        things={data.map(({ slug, ...part }) => ({ ...part, id: slug }))}
        onPutBack={({ id }) => void putBack(id)}
        onForget={async ({ id }) => {
          await forget(id)
        }}
      />
    </>
  )
}
