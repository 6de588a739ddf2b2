import { type Band, piecesOf, upsHolds, type PowerIn } from '@flint/core/figures'
import { format } from '../../controls/locale'
import { selectShownMachine } from '../../sheet/selectors'
import { useAppSelector } from '../../store/hooks'
import { stateTitle } from './stateWords'
import { wattWords } from './wattWords'
import styles from './power.module.css'

/** States in which power may go. */
const LOADS = ['asleep', 'spinning', 'all readers', 'scrub'] as const

/** How long the UPS holds the machine in each state, with a new battery. */
export function UpsSection({ powerIn }: { powerIn: PowerIn }) {
  const machine = useAppSelector(selectShownMachine)
  const [ups] = piecesOf(machine, 'ups')
  if (!ups) return null
  const { maker, model, ratedWatts, ratedVoltAmperes } = ups.dataSheet
  const carries = [
    ratedWatts === null ? null : format.watts(ratedWatts),
    ratedVoltAmperes === null ? null : `${format.number(ratedVoltAmperes)} VA`,
  ].filter((one) => one !== null)
  return (
    <section aria-label="In a power cut">
      <h2>
        In a power cut
        <span className="aside">
          {maker} {model}
          {carries.length > 0 ? ` carries ${carries.join(', ')}` : ''}; with a new battery
        </span>
      </h2>
      <table className="lined">
        <tbody>
          {LOADS.map((state) => {
            const wall = powerIn(state).wall
            const minutes = wall && upsHolds(ups, wall).minutes
            return (
              <tr key={state}>
                <th scope="row">{stateTitle(state)}</th>
                <td>{wattWords(wall)}</td>
                <td>{minutes ? minutesWords(minutes) : 'not known'}</td>
              </tr>
            )
          })}
        </tbody>
      </table>
      <p className={`soft ${styles.caution ?? ''}`}>
        An old battery holds half of that or less. It is heavy, burns when it is shorted, and goes
        back to the shop when it is done. Let the machine shut itself down before the battery is
        empty.
      </p>
    </section>
  )
}

function minutesWords({ low, likely, high }: Band): string {
  const write = (minutes: number): string => format.number(minutes, minutes < 10 ? 1 : 0)
  const band = low === high ? '' : ` (${write(low)} to ${write(high)})`
  return `${write(likely)}${band} minutes`
}
