import { useReturnDesignMutation } from '../api/api'
import { problemSentence } from '../api/problemOf'
import type { ShelfNews } from './shelfNews'

/** Puts a removed design back on the shelf, and says how that went. */
export function usePutBack(onNews: (news: ShelfNews) => void) {
  const [returnDesign] = useReturnDesignMutation()
  return async (id: string, name: string): Promise<void> => {
    const { error } = await returnDesign(id)
    onNews({ text: error ? problemSentence(error) : `Put ${name} back.` })
  }
}
