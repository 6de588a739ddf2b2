import { useEffect, useState } from 'react'

const MS_PER_MINUTE = 60_000

/** The time, anew every minute, as ISO 8601 has it. */
export function useNow(): string {
  const [now, setNow] = useState(() => new Date().toISOString())
  useEffect(() => {
    const timer = setInterval(() => {
      setNow(new Date().toISOString())
    }, MS_PER_MINUTE)
    return () => {
      clearInterval(timer)
    }
  }, [])
  return now
}
