import { useForgetDesignMutation, useRemovedDesignsQuery } from '../api/api'
import { problemSentence } from '../api/problemOf'
import { RemovedThings } from '../controls/RemovedThings'
import type { ShelfNews } from './shelfNews'
import { usePutBack } from './usePutBack'

/** Designs that were taken off the shelf, with the way back. */
export function RemovedDesigns({ onNews }: { onNews: (news: ShelfNews) => void }) {
  const { data = [] } = useRemovedDesignsQuery()
  const putBack = usePutBack(onNews)
  const [forget] = useForgetDesignMutation()

  return (
    <RemovedThings
      noun="removed design"
      things={data}
      onPutBack={({ id, name }) => void putBack(id, name)}
      onForget={async ({ id, name }) => {
        const { error } = await forget(id)
        onNews({ text: error ? problemSentence(error) : `Deleted ${name} for good.` })
      }}
    />
  )
}
