import styles from './cache.module.css'

/** What waits for the disk by default, and so has use of a write log. Common practice, from memory; no source. */
const HABITS: readonly (readonly [what: string, habit: string])[] = [
  ['Shares for files and films', 'do not wait, but for a client that asks for it'],
  ['Shares over NFS', 'wait at the end of each file, and always where they are set to'],
  ['Backups', 'do not wait; the program checks them at the end'],
  ['Images of machines', 'wait whenever the system inside flushes, which it does often'],
  ['Block export', 'waits as far as the machine at the other end asks for it'],
  ['Databases', 'wait at every commit'],
]

export function WhatWaits() {
  return (
    <section aria-label="What waits for the disk">
      <h2>What waits for the disk</h2>
      <table className={`lined ${styles.habits ?? ''}`}>
        <tbody>
          {HABITS.map(([what, habit]) => (
            <tr key={what}>
              <th scope="row">{what}</th>
              <td>{habit}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  )
}
