import { useEffect, useState } from 'react'
import { api } from '../api/api'
import { problemSentence } from '../api/problemOf'
import { selectOpen } from '../sheet/selectors'
import { closed, opened } from '../store/sheetSlice'
import { useAppDispatch, useAppSelector } from '../store/hooks'
import { useFirstOpening } from './firstOpening'
import { useKeptCopies } from './keptCopiesContext'
import { wayBefore } from './waysOfWindow'

interface OpenedState {
  isOpen: boolean
  /** Why it cannot be opened, one sentence. */
  problem: string | null
}

/** Opens a design: what the server has, and on top of it the work that this browser still keeps. */
export function useOpenDesign(designId: string): OpenedState {
  const dispatch = useAppDispatch()
  const copies = useKeptCopies()
  const first = useFirstOpening()
  const isOpen = useAppSelector((state) => selectOpen(state)?.designId === designId)
  const [problem, setProblem] = useState<string | null>(null)

  useEffect(() => {
    let left = false
    async function open(): Promise<void> {
      const result = await (first?.take(designId) ??
        dispatch(api.endpoints.design.initiate(designId, { forceRefetch: true, subscribe: false })))
      if (left) return
      if (!result.data) {
        setProblem(problemSentence(result.error))
        return
      }
      const { right, ...stored } = result.data
      const { copy, unread } =
        right === 'look' ? { copy: null, unread: [] } : await copies.take(designId)
      setProblem(null)
      const way = right === 'look' ? null : wayBefore(designId)
      dispatch(opened({ stored, kept: copy, unreadCopies: unread, right, wayBefore: way }))
    }
    void open()
    return () => {
      left = true
      dispatch(closed())
    }
  }, [designId, dispatch, copies, first])

  return { isOpen, problem }
}
