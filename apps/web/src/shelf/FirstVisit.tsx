import { useState } from 'react'
import styles from './shelf.module.css'

const STORED_AS = 'flint-been-here'

/** Three sentences and one action for whoever comes for the first time; gone for good once it was answered. */
export function FirstVisit({ onStart }: { onStart: () => void }) {
  const [isNew, setIsNew] = useState(() => localStorage.getItem(STORED_AS) === null)
  if (!isNew) return null
  const leave = (): void => {
    localStorage.setItem(STORED_AS, 'yes')
    setIsNew(false)
  }
  return (
    <section className={styles.firstVisit} aria-label="The first time here">
      <p>
        Flint Shelf draws the storage server that you mean to build, from the data sheets of its
        parts. Say in the brief what it must hold, where it stands and what it may draw and cost;
        then choose parts, and see at every step what fits, what will be slow and what breaks. The
        designs below are invented and there to be tried.
      </p>
      <p>
        <button
          type="button"
          className={styles.start}
          onClick={() => {
            leave()
            onStart()
          }}
        >
          Start a design
        </button>
        <button type="button" className="plain-button" onClick={leave}>
          Only look around
        </button>
      </p>
    </section>
  )
}
