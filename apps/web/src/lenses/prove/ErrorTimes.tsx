import type { ErrorsBetween } from '@flint/core/figures'
import { format } from '../../controls/locale'
import { selectMachine } from '../../sheet/selectors'
import { useAppSelector } from '../../store/hooks'
import { bayRangeOf } from './bayRangeOf'
import styles from './prove.module.css'

/** As many as one looks through. */
const SHOWN = 8

interface ErrorTimesProps {
  /** The oldest first. */
  errors: readonly ErrorsBetween[]
  cleanIds: readonly string[]
}

/** Which errors came between which files: what comes together has mostly one cause. */
export function ErrorTimes({ errors, cleanIds }: ErrorTimesProps) {
  const machine = useAppSelector(selectMachine)
  const day = (at: string): string =>
    new Date(at).toLocaleString(format.locale, { dateStyle: 'medium', timeStyle: 'short' })
  return (
    <>
      <div className={styles.scrolls}>
        <table className="lined" aria-label="When errors came">
          <thead>
            <tr>
              <th scope="col">Between</th>
              <th scope="col">On the way to</th>
              <th scope="col">Errors</th>
              <th scope="col">On platters or cells of</th>
              <th scope="col">Sectors</th>
            </tr>
          </thead>
          <tbody>
            {errors
              .slice(-SHOWN)
              .reverse()
              .map(({ from, to, errors: some }) => (
                <tr key={to}>
                  <th scope="row">
                    {from === null ? `by ${day(to)}` : `${day(from)} and ${day(to)}`}
                  </th>
                  <Cells errors={some.filter(({ kind }) => kind === 'interface')} />
                  <Cells errors={some.filter(({ kind }) => kind === 'medium')} />
                </tr>
              ))}
          </tbody>
        </table>
      </div>
      {cleanIds.length > 0 && (
        <p className="soft">
          At work all the while without an error: {bayRangeOf(machine, cleanIds)}. That speaks
          against what these hang on.
        </p>
      )}
    </>
  )
}

/** Which drives had errors of a kind, and how many; empty where none had. */
function Cells({ errors }: { errors: ErrorsBetween['errors'] }) {
  const machine = useAppSelector(selectMachine)
  const ids = errors.map(({ driveId }) => driveId)
  const count = errors.reduce((sum, one) => sum + one.count, 0)
  return (
    <>
      <td>{ids.length > 0 && bayRangeOf(machine, ids)}</td>
      <td className={styles.number}>{ids.length > 0 && format.number(count)}</td>
    </>
  )
}
