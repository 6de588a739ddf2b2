import { dayOf, piecesOf, readingDrives, spinDown } from '@flint/core/figures'
import { useMemo } from 'react'
import { format } from '../../controls/locale'
import { selectShownDesign, selectShownMachine } from '../../sheet/selectors'
import { useAppSelector } from '../../store/hooks'
import { BriefChoice } from '../brief/BriefChoice'
import { sleepRule } from '../brief/choices'
import { sleepWords } from './sleepWords'
import styles from './power.module.css'

/** Whether disks stop without work, and what that does to them and to who reads first. */
export function SleepSection() {
  const design = useAppSelector(selectShownDesign)
  const machine = useAppSelector(selectShownMachine)
  const { spinDownMinutes } = design.houseRules
  const disks = useMemo(
    () => piecesOf(machine, 'drive').filter(({ dataSheet }) => dataSheet.medium === 'disk'),
    [machine],
  )
  const woken = readingDrives(design, machine, 1).size
  if (disks.length === 0) return null
  return (
    <section aria-label="Disks that sleep">
      <h2>Disks that sleep</h2>
      <div className={styles.sleep}>
        <BriefChoice {...sleepRule} />
      </div>
      {spinDownMinutes === null ? (
        <p className="soft">They always spin. What it would save to let them stop stands below.</p>
      ) : (
        <p>{sleepWords(spinDown(dayOf(design), spinDownMinutes, disks, woken), woken)}</p>
      )}
      <p className="soft">
        A read wakes {format.counted(woken, 'disk')} here. One school lets disks spin for the sake
        of their bearings; the other lets them stop after 20 to 30 minutes, since the starts that
        they are rated for last for decades at a few a day.
      </p>
    </section>
  )
}
