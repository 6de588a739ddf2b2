import type { StoredCollected } from '@flint/contract'
import type { SmartReading } from '@flint/core/figures'
import { lazy, Suspense, useState } from 'react'
import { SmallChoice } from '../../controls/SmallChoice'
import { selectMachine, selectWords } from '../../sheet/selectors'
import { useAppSelector } from '../../store/hooks'
import { placedName } from '../prove/placedName'
import type { Proof } from '../prove/useProof'
import { HEALTH_WORDS, type HealthField } from './logWords'
import styles from './log.module.css'

/** The chart library is large, and the rest of the lens needs none of it. */
const LineOverTime = lazy(() => import('./LineOverTime'))

const ALL = ''
const FIELDS = Object.keys(HEALTH_WORDS) as HealthField[]

/** What drives say of their health each time that the machine was asked: all of them together, or one. */
export function HealthSection({
  files,
  found,
}: Pick<Proof, 'found'> & { files: readonly StoredCollected[] }) {
  const machine = useAppSelector(selectMachine)
  const words = useAppSelector(selectWords)
  const [field, setField] = useState<HealthField>('interfaceErrors')
  const [serial, setSerial] = useState(ALL)
  const drives = (found?.pairs ?? []).flatMap(({ driveId, seen }) =>
    seen.serial === null ? [] : [{ value: seen.serial, text: placedName(machine, words, driveId) }],
  )
  const { title, write, together } = HEALTH_WORDS[field]
  const points = files
    .flatMap(({ takenAt, seen }) => {
      const values = seen.drives
        .filter((drive) => serial === ALL || drive.serial === serial)
        .flatMap(({ smart }) => valueOf(smart, field))
      return values.length === 0 ? [] : [{ at: takenAt, value: together(values) }]
    })
    .toSorted((one, other) => (one.at < other.at ? -1 : 1))
  const last = points.at(-1)
  return (
    <section aria-label="Health over time">
      <h2>
        Health
        {last && <span className="aside">{write(last.value)} at last</span>}
      </h2>
      <div className={styles.choices}>
        <SmallChoice
          label="Shown"
          width={190}
          value={field}
          options={FIELDS.map((value) => ({ value, text: HEALTH_WORDS[value].title }))}
          onChange={(value) => {
            setField(value as HealthField)
          }}
        />
        <SmallChoice
          label="Drive"
          width={190}
          value={serial}
          options={[{ value: ALL, text: 'all drives' }, ...drives]}
          onChange={setSerial}
        />
      </div>
      {points.length < 2 ? (
        <p className="soft">
          Drawn from two collected files on that say it, taken in the lens Prove.
        </p>
      ) : (
        <div className={styles.chart}>
          <Suspense fallback={<p className="soft">The chart is on its way …</p>}>
            <LineOverTime
              points={points}
              write={write}
              limits={[]}
              told={`${title}: ${points.map(({ value }) => write(value)).join(', ')}`}
            />
          </Suspense>
        </div>
      )}
    </section>
  )
}

function valueOf(smart: SmartReading | null, field: HealthField): number[] {
  const value = smart?.[field] ?? null
  return value === null ? [] : [value]
}
