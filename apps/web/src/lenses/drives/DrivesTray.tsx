import { useState } from 'react'
import {
  selectBayPlan,
  selectChosenDrives,
  selectLimits,
  selectSelectedBays,
} from '../../sheet/selectors'
import { useAppSelector } from '../../store/hooks'
import { Findings } from '../../tray/Findings'
import { SheetChanges } from '../../tray/SheetChanges'
import styles from '../../tray/tray.module.css'
import { ChosenDrives } from './ChosenDrives'
import { DriveOffers } from './DriveOffers'
import { DriveSets } from './DriveSets'
import { LayoutOffers } from './LayoutOffers'

/** What the chosen bays could hold or become, and what was found. */
export function DrivesTray({ onShowCandidates }: { onShowCandidates: () => void }) {
  const selected = useAppSelector(selectSelectedBays)
  const drives = useAppSelector(selectChosenDrives)
  const [wish, setWish] = useState<'layout' | 'models' | null>(null)
  const isEnough = useAppSelector(selectLimits).every(
    ({ id, status }) => id !== 'space' || status === 'kept',
  )
  // What the brief asks for comes first where it was not there on coming; a set that is taken moves no list.
  const [setsFirst] = useState(!isEnough)
  // One drive alone can hardly become anything, so its model is what one comes for.
  const showsModels = drives.length === 0 || (wish ? wish === 'models' : drives.length === 1)
  return (
    <>
      <section className={styles.section}>
        <ChoiceTitle />
        {selected.length > 0 && drives.length > 0 && (
          <>
            <ChosenDrives />
            <div className={styles.switch}>
              <button
                type="button"
                aria-pressed={!showsModels}
                onClick={() => {
                  setWish('layout')
                }}
              >
                Layout
              </button>
              <button
                type="button"
                aria-pressed={showsModels}
                onClick={() => {
                  setWish('models')
                }}
              >
                Drive model
              </button>
            </div>
          </>
        )}
        {selected.length === 0 && setsFirst && <DriveSets />}
        {showsModels ? <DriveOffers /> : <LayoutOffers onShowCandidates={onShowCandidates} />}
        {selected.length === 0 && !setsFirst && <DriveSets />}
      </section>
      <Findings />
      <SheetChanges />
    </>
  )
}

function ChoiceTitle() {
  const selected = useAppSelector(selectSelectedBays)
  const bays = useAppSelector(selectBayPlan)
  if (selected.length === 0) return null
  const numbers = bays.bays.flatMap(({ bay }) => (selected.includes(bay.id) ? [bay.number] : []))
  const sockets = bays.sockets.flatMap(({ id, name }) => (selected.includes(id) ? [name] : []))
  const count = numbers.length + sockets.length
  const noun = sockets.length === 0 ? 'bay' : 'place'
  return (
    <h2>
      {count === 1 ? `One ${noun} chosen: ` : `${count} ${noun}s chosen: `}
      {[...runs(numbers), ...sockets].join(', ')}
    </h2>
  )
}

/** `[1, 2, 3, 7]` as `['1 to 3', '7']`. */
function runs(numbers: readonly number[]): string[] {
  const found: [first: number, last: number][] = []
  for (const number of numbers) {
    const run = found.at(-1)
    if (run?.[1] === number - 1) run[1] = number
    else found.push([number, number])
  }
  return found.map(([first, last]) => (first === last ? `${first}` : `${first} to ${last}`))
}
