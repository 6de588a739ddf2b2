import { applyEdit, type Design, type Edit } from '@flint/core/editing'
import { editLabel, wordsFor } from '@flint/core/figures'
import { type PointerEvent, useCallback, useRef } from 'react'
import { format } from '../controls/locale'
import { useAppDispatch } from '../store/hooks'
import type { RootState } from '../store/store'
import { edited, previewed } from '../store/sheetSlice'

const presentOf = (state: RootState): Design | undefined => state.sheet.open?.history.present

/**
 * Applies edits to the open design.
 *
 * The document is read when the edit is made, so the function stays the same and what uses it need not
 * be drawn anew whenever the design changes. What was done is told from the edit.
 *
 * @returns a function that takes the edit; with `coalesce`, edits of the same words in a row make one step, as
 * when a number is typed digit by digit
 */
export function useEdit(): (edit: Edit | ((design: Design) => Edit), coalesce?: boolean) => void {
  const dispatch = useAppDispatch()
  return useCallback(
    (wanted, coalesce = false) => {
      dispatch((send, getState) => {
        const present = presentOf(getState())
        if (!present) return
        const edit = typeof wanted === 'function' ? wanted(present) : wanted
        const label = editLabel(edit, wordsFor(present, format))
        send(edited({ label, design: applyEdit(present, edit), coalesce }))
      })
    },
    [dispatch],
  )
}

/**
 * Handlers that show in the ledger what an edit would do, while it is pointed at or focused. One that takes time to make
 * is made then.
 *
 * What comes under a pointer that rests, as when a list is put in another order, is not pointed at: only a pointer
 * that moves asks for anything.
 */
export function usePreview(): (edit: Edit | null | ((design: Design) => Edit)) => {
  onPointerMove: (event: PointerEvent) => void
  onPointerLeave: () => void
  onFocus: () => void
  onBlur: () => void
} {
  const dispatch = useAppDispatch()
  const pointedAt = useRef<EventTarget | null>(null)
  return (edit) => {
    const show = (): void => {
      dispatch((send, getState) => {
        const present = presentOf(getState())
        if (!edit || !present) return
        send(previewed(applyEdit(present, typeof edit === 'function' ? edit(present) : edit)))
      })
    }
    const hide = (): void => {
      dispatch(previewed(null))
    }
    return {
      onPointerMove: ({ currentTarget }) => {
        if (pointedAt.current === currentTarget) return
        pointedAt.current = currentTarget
        show()
      },
      onPointerLeave: () => {
        pointedAt.current = null
        hide()
      },
      onFocus: show,
      onBlur: hide,
    }
  }
}
