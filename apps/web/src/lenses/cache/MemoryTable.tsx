import { memoryPlan, type ServicesFigure } from '@flint/core/figures'
import { format } from '../../controls/locale'
import styles from './cache.module.css'

/** Where the memory goes, and what a write log wants by each school. */
export function MemoryTable({ figure }: { figure: ServicesFigure }) {
  const plan = memoryPlan(figure)
  const { byRateBytes, byMemoryBytes } = figure.logSizes
  const size = (bytes: number | null): string =>
    bytes === null ? 'not known' : format.space(bytes)
  return (
    <div className={styles.tables}>
      <section aria-label="Memory">
        <h2>Memory</h2>
        {plan ? (
          <table className="lined">
            <tbody>
              <tr>
                <th scope="row">The system and its services, about</th>
                <td>{size(plan.systemBytes)}</td>
              </tr>
              <tr>
                <th scope="row">Writes that may wait, at most</th>
                <td>{size(plan.waitingBytes)}</td>
              </tr>
              {plan.headerBytes > 0 && (
                <tr>
                  <th scope="row">Records of the read cache</th>
                  <td>{size(plan.headerBytes)}</td>
                </tr>
              )}
              <tr>
                <th scope="row">Left for files that are read again</th>
                <td>{plan.fileCacheBytes > 0 ? size(plan.fileCacheBytes) : 'nothing'}</td>
              </tr>
              <tr>
                <th scope="row">All of it</th>
                <td>{size(plan.memoryBytes)}</td>
              </tr>
            </tbody>
          </table>
        ) : (
          <p className="soft">No memory is chosen yet.</p>
        )}
      </section>
      <section aria-label="How large a write log">
        <h2>How large a write log</h2>
        <table className="lined">
          <tbody>
            <tr>
              <th scope="row">What comes in between flushes, three of them (used here)</th>
              <td>{size(byRateBytes)}</td>
            </tr>
            <tr>
              <th scope="row">Half of the memory, say others</th>
              <td>{size(byMemoryBytes)}</td>
            </tr>
          </tbody>
        </table>
      </section>
    </div>
  )
}
