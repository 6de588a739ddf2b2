import type { ScenarioRates, Machine } from '@flint/core/figures'
import { format } from '../../controls/locale'
import styles from './paths.module.css'

interface HighlightedWayProps {
  machine: Machine
  rates: ScenarioRates
  highlightedId: string | null
}

/** The links of one way with their rates, their loads and the reason for each. */
export function HighlightedWay({ machine, rates, highlightedId }: HighlightedWayProps) {
  const way =
    machine.drivePaths.find(({ driveId }) => driveId === highlightedId)?.links ??
    machine.networkPaths.find(({ id }) => id === highlightedId)?.links
  if (!way) {
    return <p className="soft">Point at a drive or a network port to see every link of its way.</p>
  }
  return (
    <table className={`lined ${styles.way ?? ''}`}>
      <thead>
        <tr>
          <th scope="col">Link</th>
          <th scope="col">At most</th>
          <th scope="col">Now</th>
        </tr>
      </thead>
      <tbody>
        {way.map((id) => {
          const link = machine.links.find((one) => one.id === id)
          const load = rates.loads.find((one) => one.link.id === id)
          if (!link) return null
          return (
            <tr key={id}>
              <th scope="row">
                {link.name}
                <span className={styles.why}>{link.reason}</span>
              </th>
              <td>{format.rate(link.bytesPerSecond)}</td>
              <td>{load ? format.percent(load.share) : '–'}</td>
            </tr>
          )
        })}
      </tbody>
    </table>
  )
}
