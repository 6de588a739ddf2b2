import { DAYS_IN_BIN } from '@flint/contract'
import { useState } from 'react'
import { format, LOCALE } from './locale'
import styles from './removedThings.module.css'

const dayFormat = new Intl.DateTimeFormat(LOCALE, { dateStyle: 'medium' })
const DAY_MS = 24 * 60 * 60 * 1_000

interface RemovedThing {
  id: string
  name: string
  removedAt: string
}

interface RemovedThingsProps {
  /** "removed design". */
  noun: string
  things: readonly RemovedThing[]
  onPutBack: (thing: RemovedThing) => void
  onForget: (thing: RemovedThing) => Promise<void>
}

/**
 * What was removed, with the way back. After a month it is asked whether it may be deleted for good: nothing goes
 * by itself.
 */
export function RemovedThings({ noun, things, onPutBack, onForget }: RemovedThingsProps) {
  const [asked, setAsked] = useState<string | null>(null)
  const [now] = useState(() => Date.now())
  if (things.length === 0) return null
  const isOld = ({ removedAt }: RemovedThing): boolean =>
    now - Date.parse(removedAt) > DAYS_IN_BIN * DAY_MS
  const old = things.filter(isOld)

  return (
    <details className={styles.removed}>
      <summary>
        {format.counted(things.length, noun)}
        {old.length > 0 && `, ${format.number(old.length)} for more than ${DAYS_IN_BIN} days`}
      </summary>
      <ul>
        {things.map((thing) => (
          <li key={thing.id}>
            <span>{thing.name}</span>
            <span className="soft">removed {dayFormat.format(new Date(thing.removedAt))}</span>
            <button
              type="button"
              className="plain-button"
              aria-label={`Put ${thing.name} back`}
              onClick={() => {
                onPutBack(thing)
              }}
            >
              put back
            </button>
            {asked === thing.id ? (
              <span role="group" aria-label={`Delete ${thing.name} for good`}>
                Delete it for good, with all that was kept of it?{' '}
                <button
                  type="button"
                  className="plain-button"
                  onClick={() => {
                    setAsked(null)
                    void onForget(thing)
                  }}
                >
                  Delete for good
                </button>
                <button
                  type="button"
                  className="plain-button"
                  onClick={() => {
                    setAsked(null)
                  }}
                >
                  Keep it
                </button>
              </span>
            ) : (
              isOld(thing) && (
                <button
                  type="button"
                  className="plain-button"
                  aria-label={`Delete ${thing.name} for good?`}
                  onClick={() => {
                    setAsked(thing.id)
                  }}
                >
                  delete for good?
                </button>
              )
            )}
          </li>
        ))}
      </ul>
    </details>
  )
}
