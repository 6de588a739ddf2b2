import type { JudgedLimit } from '@flint/core/figures'
import { SeverityShape } from '../controls/SeverityShape'
import styles from './limits.module.css'

/** Every limit of the brief with what the design has: the missed ones first. */
export function LimitList({ limits }: { limits: readonly JudgedLimit[] }) {
  if (limits.length === 0) {
    return <p className="soft">The brief sets no limit yet.</p>
  }
  const order = { missed: 0, 'not known': 1, kept: 2 }
  const sorted = [...limits].sort((one, other) => order[one.standing] - order[other.standing])
  return (
    <table className={styles.limits}>
      <tbody>
        {sorted.map(({ id, title, standing, wanted, has }) => (
          <tr key={id} data-limit={id} data-standing={standing}>
            <td className={styles.shape}>
              {standing === 'kept' ? (
                <span aria-hidden="true">✓</span>
              ) : (
                <SeverityShape severity={standing === 'missed' ? 'risks' : 'note'} />
              )}
              <span className="only-for-readers">{standing}</span>
            </td>
            <th scope="row">{title}</th>
            <td>
              <span className="figure">{has}</span>
              <span className={styles.wanted}>
                {standing === 'kept' ? '' : `${standing}, `}
                {wanted}
              </span>
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  )
}
