import { useEffect } from 'react'
import { isTyping } from './isTyping'
import { isSilenced } from './letterKeys'

/** The key / goes to the field that finds parts, wherever there is one. */
export function useFindKey(): void {
  useEffect(() => {
    function onKeyDown(event: KeyboardEvent): void {
      const { key, ctrlKey, metaKey, altKey } = event
      if (key !== '/' || ctrlKey || metaKey || altKey) return
      if (isTyping(event.target) || isSilenced(event) || event.defaultPrevented) return
      const field = document.querySelector<HTMLInputElement>('[data-find]')
      if (!field) return
      event.preventDefault()
      field.focus()
    }
    window.addEventListener('keydown', onKeyDown)
    return () => {
      window.removeEventListener('keydown', onKeyDown)
    }
  }, [])
}
