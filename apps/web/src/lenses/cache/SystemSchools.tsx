import styles from './cache.module.css'

/** What builders say of the system's own device. Common practice, no source. */
const SAYINGS: readonly (readonly [what: string, words: string])[] = [
  [
    'One file system for all',
    'The system on the same checksumming file system as the pools has snapshots to go back to after an update that went wrong, and says when its device lies. It wants a little more memory.',
  ],
  [
    'Plain journal for the system',
    'A plain journalling file system is what every rescue stick reads, and a lost system is set up anew in an hour. It cannot tell a wrong block from a right one.',
  ],
  [
    'A mirrored pair, one device, or a stick',
    'A pair goes on when one dies. One small SSD is cheap while its settings are saved elsewhere. A USB stick saves a bay and a port, and wears out soon where logs are kept on it.',
  ],
  [
    'What writes much',
    'System logs, statistics of a dashboard, container images and databases of services. Logs kept in memory or sent to the pool, and statistics every minute instead of every second, let a small device live for years.',
  ],
]

export function SystemSchools() {
  return (
    <section aria-label="The system and its device">
      <h2>The system and its device</h2>
      <table className={`lined ${styles.habits ?? ''}`}>
        <tbody>
          {SAYINGS.map(([what, words]) => (
            <tr key={what}>
              <th scope="row">{what}</th>
              <td>{words}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  )
}
