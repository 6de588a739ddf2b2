import type { HourState } from '@flint/core/editing'
import { type KeyboardEvent, useRef, useState } from 'react'
import { format } from '../../controls/locale'
import { STATE_LETTERS, stateTitle } from './stateWords'
import styles from './power.module.css'

/** A bar as high as most of the strip. For the drawing only. */
const HIGH_PX = 42

interface DayStripProps {
  title: string
  hours: readonly HourState[]
  wattsOf: (state: HourState) => number
  onPaint: (hour: number) => void
}

/** Twenty-four hours as bars of watts: painted by pressing, by dragging over them, or with the arrow keys and space. */
export function DayStrip({ title, hours, wattsOf, onPaint }: DayStripProps) {
  const [focused, setFocused] = useState(0)
  const buttons = useRef<(HTMLButtonElement | null)[]>([])
  const most = Math.max(1, ...hours.map(wattsOf))
  function onKeyDown(event: KeyboardEvent): void {
    const step = { ArrowLeft: -1, ArrowRight: 1, Home: -focused, End: hours.length - 1 - focused }[
      event.key
    ]
    if (step === undefined) return
    event.preventDefault()
    const next = Math.min(hours.length - 1, Math.max(0, focused + step))
    setFocused(next)
    buttons.current[next]?.focus()
  }
  return (
    <div className={styles.strip}>
      <span className={styles.stripTitle}>{title}</span>
      <div role="group" aria-label={title} className={styles.hours} onKeyDown={onKeyDown}>
        {hours.map((state, hour) => (
          <button
            key={hour}
            ref={(node) => {
              buttons.current[hour] = node
            }}
            type="button"
            className={styles.hour}
            tabIndex={hour === focused ? 0 : -1}
            data-hour={hour}
            aria-label={`${hour} to ${hour + 1} h: ${stateTitle(state).toLowerCase()}, ${format.watts(wattsOf(state))}`}
            onFocus={() => {
              setFocused(hour)
            }}
            onClick={() => {
              onPaint(hour)
            }}
            onPointerEnter={(event) => {
              if (event.buttons === 1) onPaint(hour)
            }}
          >
            <span
              className={styles.hourBar}
              style={{ height: (wattsOf(state) / most) * HIGH_PX }}
            />
            <span className={styles.hourLetter}>{STATE_LETTERS[state]}</span>
            <span className={styles.hourNumber}>{hour % 3 === 0 ? hour : ''}</span>
          </button>
        ))}
      </div>
    </div>
  )
}
