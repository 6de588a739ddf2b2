import type { DesignSummary } from '@flint/core/figures'
import { SeverityShape } from '../controls/SeverityShape'
import { ledgerFigures, limitOf } from '../ledger/figures'
import { openChoiceCount, openChoiceNames } from '../ledger/openChoiceWords'
import styles from './shelf.module.css'

/** The ledger of a design on the shelf. */
export function DesignFigures({ summary }: { summary: DesignSummary }) {
  const { findings, stillToChoose } = summary
  return (
    <dl className={styles.figures}>
      {ledgerFigures.map((figure) => {
        const { value, unit } = figure.value(summary)
        const status = limitOf(summary, figure.limitId)?.status
        return (
          <div key={figure.id}>
            <dt>{figure.title}</dt>
            <dd>
              {value} {unit}
            </dd>
            {status === 'missed' && <dd className={styles.missed}>△ misses the brief</dd>}
            {status === 'may be missed' && <dd className={styles.missed}>may miss the brief</dd>}
          </div>
        )
      })}
      <div>
        <dt>findings</dt>
        <dd>
          {findings.count === 0 ? 'none' : findings.count}{' '}
          {findings.worst && <SeverityShape severity={findings.worst} />}
        </dd>
      </div>
      <div>
        <dt>still to choose</dt>
        <dd>{openChoiceCount(summary)}</dd>
        {stillToChoose.length > 0 && <dd className={styles.missed}>{openChoiceNames(summary)}</dd>}
      </div>
    </dl>
  )
}
