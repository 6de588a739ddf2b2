import { parseDesign } from '@flint/core/editing'
import { useEffect, useState } from 'react'
import { api } from '../api/api'
import { problemSentence } from '../api/problemOf'
import { selectOpen } from '../sheet/selectors'
import { closed, opened } from '../store/sheetSlice'
import { useAppDispatch, useAppSelector } from '../store/hooks'
import { useKeptCopies } from './keptCopiesContext'

/**
 * Opens a design: what the server has, and on top of it the work that this browser still keeps.
 * @returns whether it is open, or a sentence about why it cannot be
 */
export function useOpenDesign(designId: string): { isOpen: boolean; problem: string | null } {
  const dispatch = useAppDispatch()
  const copies = useKeptCopies()
  const isOpen = useAppSelector(selectOpen)?.designId === designId
  const [problem, setProblem] = useState<string | null>(null)

  useEffect(() => {
    let left = false
    async function open(): Promise<void> {
      const result = await dispatch(
        api.endpoints.design.initiate(designId, { forceRefetch: true, subscribe: false }),
      )
      if (left) return
      if (!result.data) {
        setProblem(problemSentence(result.error))
        return
      }
      const kept = await copies.take(designId)
      setProblem(null)
      // A copy from before an update of the application may need the way up; one that cannot be read
      // is left where it is.
      const parsed = kept && parseDesign(kept.document)
      const readable = kept && parsed && 'design' in parsed
      dispatch(
        opened({
          stored: result.data,
          kept: readable ? { ...kept, document: parsed.design } : null,
        }),
      )
    }
    void open()
    return () => {
      left = true
      dispatch(closed())
    }
  }, [designId, dispatch, copies])

  return { isOpen, problem }
}
