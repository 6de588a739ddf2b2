import type { LiveReading } from '@flint/contract'
import { useEffect, useState } from 'react'

/** As much of a stream as a page keeps: ten minutes of a reading a second. */
const MOST_KEPT = 600

export interface Meter {
  readings: readonly LiveReading[]
  /** Whether the connection is lost; the browser tries again by itself. */
  isLost: boolean
}

const NOTHING: Meter = { readings: [], isLost: false }

/** Listens to the meter of a design, a real one or the one that ships with the application; null to none. */
export function useMeter(designId: string, which: 'real' | 'simulated' | null): Meter {
  const [heard, setHeard] = useState<{ of: typeof which; meter: Meter }>({
    of: which,
    meter: NOTHING,
  })
  useEffect(() => {
    if (which === null) return
    const query = which === 'simulated' ? '?simulated=yes' : ''
    const source = new EventSource(`/api/designs/${designId}/meter${query}`)
    const change = (next: (before: Meter) => Meter): void => {
      setHeard((before) => ({
        of: which,
        meter: next(before.of === which ? before.meter : NOTHING),
      }))
    }
    source.addEventListener('open', () => {
      change((before) => ({ ...before, isLost: false }))
    })
    source.addEventListener('error', () => {
      change((before) => ({ ...before, isLost: true }))
    })
    source.addEventListener('reading', ({ data }: MessageEvent<string>) => {
      const reading = JSON.parse(data) as LiveReading
      change(({ readings }) => ({
        isLost: false,
        readings: [...readings.slice(1 - MOST_KEPT), reading],
      }))
    })
    return () => {
      source.close()
    }
  }, [designId, which])
  return heard.of === which ? heard.meter : NOTHING
}
