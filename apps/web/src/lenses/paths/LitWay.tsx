import type { ScenarioRates, Topology } from '@flint/core'
import { say } from '../../controls/locale'
import styles from './paths.module.css'

interface LitWayProps {
  topology: Topology
  rates: ScenarioRates
  litId: string | null
}

/** The links of one way with their rates, their loads and the reason for each. */
export function LitWay({ topology, rates, litId }: LitWayProps) {
  const way =
    topology.drives.find(({ driveId }) => driveId === litId)?.links ??
    topology.network.find(({ id }) => id === litId)?.links
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
          const link = topology.links.find((one) => one.id === id)
          const load = rates.loads.find((one) => one.link.id === id)
          if (!link) return null
          return (
            <tr key={id}>
              <th scope="row">
                {link.name}
                <span className={styles.why}>{link.reason}</span>
              </th>
              <td>{say.rate(link.bytesPerSecond)}</td>
              <td>{load ? say.percent(load.share) : '–'}</td>
            </tr>
          )
        })}
      </tbody>
    </table>
  )
}
