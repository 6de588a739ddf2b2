import { nextSwap } from '@flint/core/figures'
import { type Edit, SWAP_OUTCOMES } from '@flint/core/editing'
import { format } from '../../controls/locale'
import { selectDesign, selectMachine } from '../../sheet/selectors'
import { useEdit } from '../../sheet/useEdit'
import { useAppSelector } from '../../store/hooks'
import { bayRangeOf } from './bayRangeOf'
import { chanceWords, severalWords, swapWords } from './proveWords'
import { ErrorTimes } from './ErrorTimes'
import type { Proof } from './useProof'
import styles from './prove.module.css'

const SHOWN = 6
const BAR_PX = 120
/** Above this it takes no swap to act. */
const SURE = 0.9
/** Below this a suspect is none. */
const LEAST = 0.005

/** Whose fault errors are, and which swap tells the most apart. */
export function TraceSection({ proof: { ranked, seen, errors, cleanIds } }: { proof: Proof }) {
  const { bench } = useAppSelector(selectDesign)
  const machine = useAppSelector(selectMachine)
  const edit = useEdit()
  const swap = nextSwap(ranked)
  const several = severalWords(ranked.filter(({ probability }) => probability > SURE))
  const note = (trials: Extract<Edit, { do: 'note-trials' }>['trials']): void => {
    edit({ do: 'note-trials', trials })
  }
  return (
    <section aria-label="Whose fault is it">
      <h2>Whose fault is it?</h2>
      {ranked.length === 0 ? (
        <p className="soft">
          {seen
            ? 'No drive tells of errors on its way or on its platters.'
            : 'Errors are traced once the machine was asked.'}
        </p>
      ) : (
        <>
          <div className={styles.scrolls}>
            <table className="lined" aria-label="Suspects">
              <thead>
                <tr>
                  <th scope="col">Suspect</th>
                  <th scope="col">Its drives</th>
                  <th scope="col">Chance</th>
                  <th scope="col">
                    <span className="only-for-readers">Bar</span>
                  </th>
                </tr>
              </thead>
              <tbody>
                {ranked
                  .filter(({ probability }) => probability >= LEAST)
                  .slice(0, SHOWN)
                  .map(({ suspects, probability }) => (
                    <tr key={suspects.map(({ id }) => id).join()}>
                      <th scope="row">
                        {suspects.map(({ name }) => name).join(' or ')}
                        {suspects.length > 1 && (
                          <span className="soft"> (nothing seen so far tells them apart)</span>
                        )}
                      </th>
                      <td>{bayRangeOf(machine, suspects[0]?.driveIds ?? [])}</td>
                      <td className={styles.number}>{chanceWords(probability)}</td>
                      <td>
                        <span
                          className={styles.bar}
                          style={{ width: `${probability * BAR_PX}px` }}
                        />
                      </td>
                    </tr>
                  ))}
              </tbody>
            </table>
          </div>
          <ErrorTimes errors={errors} cleanIds={cleanIds} />
          {several !== null ? (
            <div className={styles.swap}>
              <p role="status">
                <strong>Next:</strong> {several}
              </p>
            </div>
          ) : swap ? (
            <div className={styles.swap}>
              <p role="status">
                <strong>Next:</strong> {swapWords(swap)}
              </p>
              <div className={styles.actions}>
                {SWAP_OUTCOMES.map((outcome) => (
                  <button
                    key={outcome}
                    type="button"
                    className="plain-button"
                    onClick={() => {
                      const at = new Date().toISOString()
                      note([...bench.trials, { moved: swap.moved, outcome, at }])
                    }}
                  >
                    {outcome === 'errors stayed' ? 'The errors stayed' : 'The errors went with it'}
                  </button>
                ))}
              </div>
            </div>
          ) : (
            <p role="status">One suspect is left; replace it, and let it run again.</p>
          )}
        </>
      )}
      {bench.trials.length > 0 && (
        <p>
          {format.counted(bench.trials.length, 'swap')} noted.{' '}
          <button
            type="button"
            className="plain-button"
            onClick={() => {
              note(bench.trials.slice(0, -1))
            }}
          >
            Take the last one back
          </button>{' '}
          <button
            type="button"
            className="plain-button"
            onClick={() => {
              note([])
            }}
          >
            Begin anew
          </button>
        </p>
      )}
      <p className="soft">
        How likely each kind is at fault before anything is seen (cables first, then drives, cards)
        is common practice, without a source.
      </p>
    </section>
  )
}
