import { useRemoveDesignMutation } from '../api/api'
import { problemSentence } from '../api/problemOf'
import type { ShelfNews } from './shelfNews'

interface RemoveButtonProps {
  id: string
  name: string
  onNews: (news: ShelfNews) => void
}

/** Takes a design off the shelf, and offers the way back. */
export function RemoveButton({ id, name, onNews }: RemoveButtonProps) {
  const [removeDesign] = useRemoveDesignMutation()

  async function remove(): Promise<void> {
    const { error } = await removeDesign(id)
    onNews(
      error
        ? { text: problemSentence(error) }
        : { text: `Took ${name} off the shelf.`, removedId: id },
    )
  }

  return (
    <button
      type="button"
      className="plain-button"
      aria-label={`Remove ${name}`}
      onClick={() => void remove()}
    >
      remove
    </button>
  )
}
