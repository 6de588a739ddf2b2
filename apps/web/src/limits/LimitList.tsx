import type { LimitStatus, LimitWords } from '@flint/core/figures'
import { SeverityShape } from '../controls/SeverityShape'
import styles from './limits.module.css'

interface ListedLimit extends LimitWords {
  id: string
  status: LimitStatus
}

const ORDER: Record<LimitStatus, number> = {
  missed: 0,
  'may be missed': 1,
  'not known': 2,
  kept: 3,
}

/** Every limit of the brief with what the design has: the missed ones first. */
export function LimitList({ limits }: { limits: readonly ListedLimit[] }) {
  if (limits.length === 0) {
    return <p className="soft">The brief sets no limit yet.</p>
  }
  const sorted = [...limits].sort((one, other) => ORDER[one.status] - ORDER[other.status])
  return (
    <table className={styles.limits}>
      <tbody>
        {sorted.map(({ id, title, status, wanted, has }) => (
          <tr key={id} data-limit={id} data-standing={status}>
            <td className={styles.shape}>
              {status === 'kept' ? (
                <span aria-hidden="true">✓</span>
              ) : (
                <SeverityShape severity={status === 'missed' ? 'risks' : 'note'} />
              )}
              <span className="only-for-readers">{status}</span>
            </td>
            <th scope="row">{title}</th>
            <td>
              <span className="figure">{has}</span>
              <span className={styles.wanted}>
                {status === 'kept' ? '' : `${status}, `}
                {wanted}
              </span>
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  )
}
