import { burnInPlan } from '@flint/core/figures'
import { useMemo, useState } from 'react'
import { format } from '../../controls/locale'
import { NumberField } from '../../controls/NumberField'
import { saveFile } from '../../controls/saveFile'
import { selectDesign, selectEvaluation, selectMachine, selectWords } from '../../sheet/selectors'
import { useAppSelector } from '../../store/hooks'
import { bayRangeOf } from './bayRangeOf'
import styles from './prove.module.css'

/** Half of them where all together get too warm or draw too much. */
const WHERE_TOO_MUCH = 2

/** How long each drive is written and read, how many at a time, and the same for a calendar. */
export function BurnInSection() {
  const design = useAppSelector(selectDesign)
  const machine = useAppSelector(selectMachine)
  const words = useAppSelector(selectWords)
  const { findings } = useAppSelector(selectEvaluation)
  const drives = machine.ofKind.drive?.length ?? 0
  const held = findings.find(({ code }) =>
    ['room-too-warm', 'drives-warm', 'supply-too-small', 'rail-overloaded'].includes(code),
  )
  const suggested = Math.max(1, held ? Math.ceil(drives / WHERE_TOO_MUCH) : drives)
  const [own, setOwn] = useState<number | null>(null)
  const atOnce = own ?? suggested
  const plan = useMemo(() => burnInPlan(machine, atOnce), [machine, atOnce])
  if (drives === 0) return null
  const hours = (value: number): string => `${format.number(value, 1)} h`
  const days = plan.totalHours / 24
  const save = async (): Promise<void> => {
    // The package is read when a calendar is wanted, and not before.
    const { burnInCalendar } = await import('./burnInCalendar')
    const text = burnInCalendar(design.name, plan, new Date(), (id) => words.piece(id))
    saveFile(`${design.name} burn-in.ics`, 'text/calendar', text)
  }
  return (
    <section aria-label="Burn-in">
      <h2>
        Burn-in
        <span className="aside">
          each drive written and read once, {hours(plan.totalHours)}, {format.number(days, 1)} days
        </span>
      </h2>
      <div className={styles.actions}>
        <NumberField
          label="Drives at once"
          whole
          min={1}
          max={1_024}
          width={130}
          value={atOnce}
          onChange={setOwn}
        />
        <button type="button" className="plain-button" onClick={() => void save()}>
          Save for a calendar
        </button>
      </div>
      {held && own === null && (
        <p className="soft">
          Half at a time is suggested, since all together are said to be too warm or too much for
          the supply.
        </p>
      )}
      <table className="lined" aria-label="Batches">
        <thead>
          <tr>
            <th scope="col">Batch</th>
            <th scope="col">Drives</th>
            <th scope="col">Begins after</th>
            <th scope="col">Takes</th>
          </tr>
        </thead>
        <tbody>
          {plan.batches.map(({ driveIds, startsHour, hours: takes }, index) => (
            <tr key={driveIds.join()}>
              <th scope="row">{index + 1}</th>
              <td>
                {format.counted(driveIds.length, 'drive')}, {bayRangeOf(machine, driveIds)}
              </td>
              <td className={styles.number}>{hours(startsHour)}</td>
              <td className={styles.number}>{hours(takes)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="soft">
        Writing destroys everything on a drive; compare its serial number with its label first.
        Gather the machine’s file before and after: what came in between counts against a drive.
      </p>
    </section>
  )
}
