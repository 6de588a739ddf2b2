import type { Design } from '@flint/core/editing'
import { useCallback } from 'react'
import { useAppDispatch } from '../store/hooks'
import type { RootState } from '../store/store'
import { edited, previewed } from '../store/sheetSlice'

type EditFunction = (design: Design) => Design

const presentOf = (state: RootState): Design | undefined => state.sheet.open?.history.present

/**
 * Applies edits to the open design.
 *
 * The document is read when the edit is made, so the function stays the same and what uses it need not
 * be drawn anew whenever the design changes.
 *
 * @returns a function that takes what was done, in words, and the edit; with `joins`, edits of the
 * same words in a row make one step, as when a number is typed digit by digit
 */
export function useEdit(): (label: string, edit: EditFunction, coalesce?: boolean) => void {
  const dispatch = useAppDispatch()
  return useCallback(
    (label, edit, coalesce = false) => {
      dispatch((send, getState) => {
        const present = presentOf(getState())
        if (present) send(edited({ label, design: edit(present), coalesce }))
      })
    },
    [dispatch],
  )
}

/** Handlers that show in the ledger what an edit would do, while it is pointed at or focused. */
export function usePreview(): (edit: EditFunction | null) => {
  onPointerEnter: () => void
  onPointerLeave: () => void
  onFocus: () => void
  onBlur: () => void
} {
  const dispatch = useAppDispatch()
  return (edit) => {
    const show = (): void => {
      dispatch((send, getState) => {
        const present = presentOf(getState())
        if (edit && present) send(previewed(edit(present)))
      })
    }
    const hide = (): void => {
      dispatch(previewed(null))
    }
    return { onPointerEnter: show, onPointerLeave: hide, onFocus: show, onBlur: hide }
  }
}
