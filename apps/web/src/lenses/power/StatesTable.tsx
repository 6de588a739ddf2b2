import type { MachineStateId } from '@flint/core/editing'
import { machineStates, type PowerIn } from '@flint/core/figures'
import { bandWords, wattWords } from './wattWords'
import styles from './power.module.css'

interface StatesTableProps {
  powerIn: PowerIn
  chosen: MachineStateId
  onChoose: (id: MachineStateId) => void
}

/** Watts at the wall in each state; the chosen one is drawn above. */
export function StatesTable({ powerIn, chosen, onChoose }: StatesTableProps) {
  const most = Math.max(1, ...machineStates.map(({ id }) => powerIn(id).wall?.likely ?? 0))
  return (
    <section aria-label="Watts by state">
      <h2>
        In each state
        <span className="aside">at the wall; the chosen one is drawn above</span>
      </h2>
      <table className={`lined ${styles.states ?? ''}`}>
        <thead>
          <tr>
            <th scope="col">State</th>
            <th scope="col">Watts</th>
            <th scope="col">Expected</th>
            <th scope="col">
              <span className="only-for-readers">Drawn</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {machineStates.map(({ id, title, about }) => {
            const wall = powerIn(id).wall
            return (
              <tr key={id} data-state={id}>
                <th scope="row">
                  <label title={about}>
                    <input
                      type="radio"
                      name="machine state"
                      checked={id === chosen}
                      onChange={() => {
                        onChoose(id)
                      }}
                    />{' '}
                    {title}
                  </label>
                </th>
                <td>{wattWords(wall)}</td>
                <td className="soft">{bandWords(wall)}</td>
                <td>
                  <span
                    aria-hidden="true"
                    className={styles.meter}
                    style={{ width: `${((wall?.likely ?? 0) / most) * 90}px` }}
                  />
                </td>
              </tr>
            )
          })}
        </tbody>
      </table>
    </section>
  )
}
