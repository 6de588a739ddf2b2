import type { StoredReading } from '@flint/contract'
import { againstPlan, type PowerIn } from '@flint/core/figures'
import { useState } from 'react'
import { useReadingsQuery, useRemoveReadingMutation } from '../../api/api'
import { problemSentence } from '../../api/problemOf'
import { format } from '../../controls/locale'
import { Pager } from '../../controls/Pager'
import { stateTitle } from './stateWords'
import { conditionDoubts } from './readingFields'
import styles from './power.module.css'

interface KeptReadingsProps {
  designId: string
  powerIn: PowerIn
  /** How a piece is called that was taken out. */
  nameOf: (pieceId: string) => string
}

/** The readings of a design that are kept, the last ones first, each against the plan of its own state. */
export function KeptReadings({ designId, powerIn, nameOf }: KeptReadingsProps) {
  const [pages, setPages] = useState<string[]>([])
  const before = pages.at(-1)
  const { data, error, isFetching } = useReadingsQuery({
    id: designId,
    ...(before === undefined ? {} : { before }),
  })
  const [remove] = useRemoveReadingMutation()
  if (error) return <p role="alert">{problemSentence(error)}</p>
  if (!data) return <p className="soft">Reading what is kept …</p>
  const { readings, total } = data
  if (total === 0) {
    return (
      <p className="soft">
        No reading is kept yet. What is kept stays with the design, in the database, and goes out
        with it.
      </p>
    )
  }
  const last = readings.at(-1)
  return (
    <>
      <div className={styles.scrolls}>
        <table className="lined" aria-label="Kept readings">
          <thead>
            <tr>
              <th scope="col">When</th>
              <th scope="col">Watts</th>
              <th scope="col">State</th>
              <th scope="col">Against the plan</th>
              <th scope="col">Condition</th>
              <th scope="col">
                <span className="only-for-readers">Remove</span>
              </th>
            </tr>
          </thead>
          <tbody>
            {readings.map((reading) => (
              <tr key={reading.number} data-reading={reading.number}>
                <td>{new Date(reading.takenAt).toLocaleString(format.locale, WHEN)}</td>
                <td>{format.watts(reading.watts, 1)}</td>
                <td>{reading.state ? stateTitle(reading.state) : 'not said'}</td>
                <td>{standingWords(reading, powerIn)}</td>
                <td className={styles.costs}>{conditionWords(reading, nameOf)}</td>
                <td>
                  <button
                    type="button"
                    className="plain-button"
                    onClick={() => void remove({ id: designId, number: reading.number })}
                  >
                    Remove
                    <span className="only-for-readers">
                      {' '}
                      the reading of {format.watts(reading.watts, 1)}
                    </span>
                  </button>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <p>
        {format.counted(total, 'reading')} kept.{' '}
        <Pager
          pages={pages}
          last={readings.length < total ? (last?.number ?? null) : null}
          disabled={isFetching}
          onPages={setPages}
        />{' '}
        <a href={`/api/designs/${designId}/readings.csv`} download className="plain-button">
          All as CSV
        </a>
      </p>
    </>
  )
}

const WHEN: Intl.DateTimeFormatOptions = { dateStyle: 'short', timeStyle: 'short' }

/** How far the reading is from the band of its own state. */
function standingWords({ state, watts }: StoredReading, powerIn: PowerIn): string {
  const expected = state && powerIn(state).wall
  if (!expected) return 'no state, no plan'
  const { stands, differenceWatts } = againstPlan(watts, expected)
  if (stands === 'within') return 'within the band'
  if (stands === 'not known') return 'not known'
  return `${format.watts(Math.abs(differenceWatts), 1)} ${stands} what is likely`
}

function conditionWords(reading: StoredReading, nameOf: (pieceId: string) => string): string {
  const { source, meter, note, pulledPieceId, wattsBefore } = reading
  const said = [
    ...(source === 'meter' ? ['from a meter'] : []),
    ...(pulledPieceId !== null
      ? [
          `without ${nameOf(pulledPieceId)}${wattsBefore === null ? '' : `, ${format.watts(wattsBefore, 1)} with it`}`,
        ]
      : []),
    ...(source === 'meter' ? [] : conditionDoubts(reading)),
    ...(meter === '' ? [] : [meter]),
    ...(note === '' ? [] : [note]),
  ]
  return said.length > 0 ? said.join('; ') : 'by the protocol'
}
