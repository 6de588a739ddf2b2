import { type BurnInAtOnce, burnInAtOnce, burnInPlan } from '@flint/core/figures'
import { useMemo, useState } from 'react'
import { format } from '../../controls/locale'
import { NumberField } from '../../controls/NumberField'
import { saveFile } from '../../controls/saveFile'
import { selectDesign, selectMachine, selectWords } from '../../sheet/selectors'
import { useEdit } from '../../sheet/useEdit'
import { useAppSelector } from '../../store/hooks'
import { bayRangeOf } from './bayRangeOf'
import { BurnInRuns } from './BurnInRuns'
import { hoursText } from './proveWords'
import type { Proof } from './useProof'
import styles from './prove.module.css'

/** How long each drive is written and read, how many at a time, and how far that is. */
export function BurnInSection({ proof: { burnIns } }: { proof: Proof }) {
  const design = useAppSelector(selectDesign)
  const machine = useAppSelector(selectMachine)
  const words = useAppSelector(selectWords)
  const edit = useEdit()
  const most = useMemo(() => burnInAtOnce(design, machine), [design, machine])
  const [own, setOwn] = useState<number | null>(null)
  const atOnce = own ?? most.atOnce
  const plan = useMemo(() => burnInPlan(machine, atOnce), [machine, atOnce])
  if (most.drives === 0) return null
  const days = plan.totalHours / 24
  const begun = new Set(burnIns.map(({ driveId }) => driveId))
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
          each drive written and read once, {hoursText(plan.totalHours)}, {format.number(days, 1)}{' '}
          days
        </span>
      </h2>
      {burnIns.length > 0 && <BurnInRuns burnIns={burnIns} />}
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
      <p className={atOnce > most.atOnce ? undefined : 'soft'} role="status">
        {atOnceWords(most)}
        {atOnce > most.atOnce && ' More at once are asked for here.'}
      </p>
      <table className="lined" aria-label="Batches">
        <thead>
          <tr>
            <th scope="col">Batch</th>
            <th scope="col">Drives</th>
            <th scope="col">Begins after</th>
            <th scope="col">Takes</th>
            <th scope="col">
              <span className="only-for-readers">To do</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {plan.batches.map(({ driveIds, startsHour, hours: takes }, index) => (
            <tr key={driveIds.join()}>
              <th scope="row">{index + 1}</th>
              <td>
                {format.counted(driveIds.length, 'drive')}, {bayRangeOf(machine, driveIds)}
              </td>
              <td className={styles.number}>{hoursText(startsHour)}</td>
              <td className={styles.number}>{hoursText(takes)}</td>
              <td>
                {driveIds.every((id) => begun.has(id)) ? (
                  'begun'
                ) : (
                  <button
                    type="button"
                    className="plain-button"
                    onClick={() => {
                      const startedAt = new Date().toISOString()
                      const burnIn = { startedAt, doneShare: null, lookedAt: null, endedAt: null }
                      const pieceIds = driveIds.filter((id) => !begun.has(id))
                      edit({ do: 'note-burn-in', pieceIds, burnIn })
                    }}
                  >
                    It has begun
                  </button>
                )}
              </td>
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

/** What holds the number of drives at once: "The supply carries 8 at once, the air 6." */
function atOnceWords({ drives, bySupply, byAir }: BurnInAtOnce): string {
  const of = (count: number): string =>
    count === 0
      ? 'not even one'
      : count === drives
        ? `all ${format.number(count)}`
        : format.number(count)
  const supply =
    bySupply === null
      ? 'What the supply carries is not known'
      : `The supply carries ${of(bySupply)} at once`
  const air =
    byAir === null ? 'how warm they get is not known' : `the air ${of(byAir)}, in whichever bays`
  return `${supply}; ${air}.`
}
