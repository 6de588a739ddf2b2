import { choiceText, type OpenChoice, upperFirst } from '@flint/core/figures'
import { useEffect, useState } from 'react'
import { format } from '../controls/locale'
import { isTyping } from '../keys/isTyping'
import { isSilenced } from '../keys/letterKeys'
import { useAppSelector } from '../store/hooks'
import { selectStillToChoose } from './selectors'
import { useCloseFitting } from './useCloseFitting'
import { useGoToChoice } from './useGoToChoice'
import styles from './stillToChoose.module.css'

/** What is to be chosen next, above whatever the tray offers; nothing once all is there. */
export function NextChoice() {
  const open = useAppSelector(selectStillToChoose)
  const [next] = open
  if (!next) return null
  return <Next key={`${next.choice} ${next.which ?? ''}`} next={next} left={open.length} />
}

function Next({ next, left }: { next: OpenChoice; left: number }) {
  const goTo = useGoToChoice()
  const addFitting = useCloseFitting(next.choice)
  const [foundNone, setFoundNone] = useState(false)
  useEffect(() => {
    function onKeyDown(event: KeyboardEvent): void {
      const { key, target, ctrlKey, metaKey, altKey } = event
      if (key !== 'g' || ctrlKey || metaKey || altKey) return
      if (!isTyping(target) && !isSilenced(event)) goTo(next)
    }
    window.addEventListener('keydown', onKeyDown)
    return () => {
      window.removeEventListener('keydown', onKeyDown)
    }
  }, [goTo, next])
  return (
    <section className={styles.next} aria-label="Next to choose">
      <span>
        <span className="soft">{left === 1 ? 'Last' : `Next of ${format.number(left)}`}: </span>
        <strong>{upperFirst(choiceText(next, format))}</strong>
      </span>
      <span className={styles.nextActions}>
        {addFitting && !foundNone && (
          <button
            type="button"
            className="plain-button"
            onClick={() => {
              setFoundNone(!addFitting())
            }}
          >
            Add the cheapest that serve
          </button>
        )}
        <button
          type="button"
          className="plain-button"
          title="G"
          onClick={() => {
            goTo(next)
          }}
        >
          {next.choice === 'layout' ? 'Lay out' : 'Choose'}
        </button>
      </span>
      {foundNone && <p className="soft">Nothing in the catalogue serves it.</p>}
    </section>
  )
}
