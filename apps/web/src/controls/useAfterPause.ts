import { useEffect, useState } from 'react'

/** A value once it has stayed the same for so long, as what somebody is typing. */
export function useAfterPause<T>(value: T, pauseMs = 250): T {
  const [settled, setSettled] = useState(value)
  useEffect(() => {
    const timer = setTimeout(() => {
      setSettled(value)
    }, pauseMs)
    return () => {
      clearTimeout(timer)
    }
  }, [value, pauseMs])
  return settled
}
