import type { LimitId, LimitStatus, LimitWords } from '@flint/core/figures'
import { Fragment, memo, useState } from 'react'
import { SeverityShape } from '../controls/SeverityShape'
import { HelpfulChanges } from './HelpfulChanges'
import styles from './limits.module.css'

interface ListedLimit extends LimitWords {
  id: LimitId
  status: LimitStatus
}

const ORDER: Record<LimitStatus, number> = {
  missed: 0,
  'may be missed': 1,
  'not known': 2,
  kept: 3,
}

/** Every limit of the brief with what the design has: the missed ones first. */
export const LimitList = memo(function LimitList({ limits }: { limits: readonly ListedLimit[] }) {
  const [asked, setAsked] = useState<LimitId | null>(null)
  if (limits.length === 0) {
    return <p className="soft">The brief sets no limit yet.</p>
  }
  const sorted = [...limits].sort((one, other) => ORDER[one.status] - ORDER[other.status])
  return (
    <table className={styles.limits}>
      <tbody>
        {sorted.map(({ id, title, status, wanted, has }) => (
          <Fragment key={id}>
            <tr data-limit={id} data-standing={status}>
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
                {isAskable(id, status) && (
                  <button
                    type="button"
                    className={`plain-button ${styles.help ?? ''}`}
                    aria-expanded={asked === id}
                    onClick={() => {
                      setAsked(asked === id ? null : id)
                    }}
                  >
                    {status === 'kept' ? 'Would fewer or cheaper drives do?' : 'What would help?'}
                    <span className="only-for-readers"> {title}</span>
                  </button>
                )}
              </td>
            </tr>
            {asked === id && isAskable(id, status) && (
              <tr className={styles.helpful}>
                <td colSpan={3}>
                  <HelpfulChanges looked={status === 'kept' ? 'smaller sets' : { help: id }} />
                </td>
              </tr>
            )}
          </Fragment>
        ))}
      </tbody>
    </table>
  )
})

/** Whether something can be looked for: what would help, or, where the space is there, what would be enough. */
function isAskable(id: LimitId, status: LimitStatus): boolean {
  return status === 'missed' || status === 'may be missed' || (status === 'kept' && id === 'space')
}
