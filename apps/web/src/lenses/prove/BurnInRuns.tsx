import type { BurnInProgress } from '@flint/core/figures'
import { useState } from 'react'
import { format } from '../../controls/locale'
import { NumberField } from '../../controls/NumberField'
import { SeverityShape } from '../../controls/SeverityShape'
import { selectDesign, selectMachine, selectWords } from '../../sheet/selectors'
import { useEdit } from '../../sheet/useEdit'
import { useAppSelector } from '../../store/hooks'
import { placedName } from './placedName'
import { burnInWords } from './proveWords'
import styles from './prove.module.css'

const PERCENT = 100

/** How far each drive is that is written and read from end to end, and when it should be done. */
export function BurnInRuns({ burnIns }: { burnIns: readonly BurnInProgress[] }) {
  const words = useAppSelector(selectWords)
  const machine = useAppSelector(selectMachine)
  const ended = burnIns.filter(({ state }) => state === 'ended').length
  return (
    <>
      <p role="status">
        {ended === burnIns.length
          ? 'All that were begun have ended.'
          : `${format.counted(burnIns.length - ended, 'drive')} burning in, ${format.number(ended)} ended.`}
      </p>
      <div className={styles.scrolls}>
        <table className="lined" aria-label="Burn-in of each drive">
          <thead>
            <tr>
              <th scope="col">Drive</th>
              <th scope="col">Done</th>
              <th scope="col">How it goes</th>
              <th scope="col">Looked up, %</th>
              <th scope="col">
                <span className="only-for-readers">To do</span>
              </th>
            </tr>
          </thead>
          <tbody>
            {burnIns.map((progress) => (
              <Run
                key={progress.driveId}
                progress={progress}
                name={placedName(machine, words, progress.driveId)}
              />
            ))}
          </tbody>
        </table>
      </div>
    </>
  )
}

function Run({ progress, name }: { progress: BurnInProgress; name: string }) {
  const { driveId, state, doneShare } = progress
  const { bench } = useAppSelector(selectDesign)
  const edit = useEdit()
  const [looked, setLooked] = useState<number | null>(null)
  const noted = bench.burnIns.find(({ pieceId }) => pieceId === driveId)
  if (!noted) return null
  const { startedAt, doneShare: lookedShare, lookedAt, endedAt } = noted
  const burnIn = { startedAt, doneShare: lookedShare, lookedAt, endedAt }
  const note = (change: Partial<typeof burnIn>): void => {
    edit({ do: 'note-burn-in', pieceIds: [driveId], burnIn: { ...burnIn, ...change } })
  }
  return (
    <tr>
      <th scope="row">{name}</th>
      <td className={styles.number}>
        <progress max={1} value={doneShare} aria-label={`Burn-in of ${name}`} />{' '}
        {format.percent(doneShare)}
      </td>
      <td>
        {state === 'overdue' && <SeverityShape severity="risks" />} {burnInWords(progress)}
      </td>
      <td>
        {state !== 'ended' && (
          <NumberField
            label={`Per cent done of ${name}`}
            inTable
            min={0}
            max={PERCENT}
            width={96}
            optional
            value={looked}
            onChange={(percent) => {
              setLooked(percent)
              if (percent === null) return
              note({ doneShare: percent / PERCENT, lookedAt: new Date().toISOString() })
            }}
          />
        )}
      </td>
      <td>
        {state === 'ended' ? (
          <button
            type="button"
            className="plain-button"
            onClick={() => {
              edit({ do: 'note-burn-in', pieceIds: [driveId], burnIn: null })
            }}
          >
            Once more
          </button>
        ) : (
          <button
            type="button"
            className="plain-button"
            onClick={() => {
              note({ endedAt: new Date().toISOString() })
            }}
          >
            It has ended
          </button>
        )}
      </td>
    </tr>
  )
}
