import { useLazyDesignDocumentQuery } from '../api/api'
import { problemSentence } from '../api/problemOf'
import { saveDocumentAsFile } from './saveAsFile'
import type { ShelfNews } from './shelfNews'

/** Hands a design of the shelf to the user as a file. */
export function useExport(onNews: (news: ShelfNews) => void) {
  const [read] = useLazyDesignDocumentQuery()
  return async (id: string, name: string): Promise<void> => {
    const { data, error } = await read(id)
    if (error) onNews({ text: problemSentence(error) })
    else saveDocumentAsFile(name, data)
  }
}
