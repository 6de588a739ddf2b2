import { type RefCallback, useCallback, useRef, useState } from 'react'

/** The width of an element in pixels, as it changes. */
export function useWidth(): [RefCallback<HTMLElement>, number] {
  const [widthPx, setWidthPx] = useState(840)
  const observer = useRef<ResizeObserver | null>(null)
  const ref = useCallback((element: HTMLElement | null) => {
    observer.current?.disconnect()
    if (!element) return
    observer.current = new ResizeObserver(([entry]) => {
      if (entry) setWidthPx(entry.contentRect.width)
    })
    observer.current.observe(element)
  }, [])
  return [ref, widthPx]
}
