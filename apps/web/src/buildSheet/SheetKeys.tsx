import { useEffect } from 'react'
import { useNavigate } from 'react-router'
import { lenses } from '../lenses/lenses'
import { isTyping } from '../keys/isTyping'
import { isSilenced } from '../keys/letterKeys'
import { useFindKey } from '../keys/useFindKey'
import { useAppDispatch } from '../store/hooks'
import { redone, undone } from '../store/sheetSlice'

/** Keys that work everywhere on the sheet: undo and redo, the letters of the lenses. */
export function SheetKeys() {
  const dispatch = useAppDispatch()
  const navigate = useNavigate()
  useFindKey()

  useEffect(() => {
    function onKeyDown(event: KeyboardEvent): void {
      const { key, ctrlKey, metaKey, shiftKey, altKey } = event
      if (altKey || event.defaultPrevented) return
      if (isTyping(event.target)) {
        // Out of the field, so that letters are keys again.
        if (key === 'Escape' && event.target instanceof HTMLElement) event.target.blur()
        return
      }
      if (isSilenced(event)) return
      const letter = key.toLowerCase()
      if (ctrlKey || metaKey) {
        if (letter !== 'z' && letter !== 'y') return
        event.preventDefault()
        dispatch(letter === 'y' || shiftKey ? redone() : undone())
        return
      }
      const lens = lenses.find((candidate) => candidate.letter === letter)
      if (lens && !shiftKey) void navigate(`../${lens.id}`, { relative: 'path' })
    }
    window.addEventListener('keydown', onKeyDown)
    return () => {
      window.removeEventListener('keydown', onKeyDown)
    }
  }, [dispatch, navigate])

  return null
}
