import { isLack, type Severity } from '@flint/core/figures'
import { format } from '../controls/locale'
import { selectFindings, selectNotGiven, selectPreviewEvaluation } from '../sheet/selectors'
import { useAppSelector } from '../store/hooks'
import styles from './ledger.module.css'

/** How much there is to look at. What data sheets leave open is counted apart, by the piece. */
export function FindingsEntry() {
  const findings = useAppSelector(selectFindings)
  const notGiven = useAppSelector(selectNotGiven)
  const preview = useAppSelector(selectPreviewEvaluation)
  const count = (severity: Severity): number =>
    findings.filter((finding) => finding.severity === severity).length
  const then = preview?.findings.filter((finding) => !isLack(finding)).length ?? findings.length
  const open = notGiven.length > 0 ? ` · ${notGiven.length} with gaps` : ''
  return (
    <button
      type="button"
      className={styles.figure}
      onClick={() => {
        document.getElementById('findings')?.focus()
      }}
    >
      <span className={styles.title}>findings</span>
      <span className={styles.row}>
        <span className={styles.value} data-value="findings">
          {findings.length === 0 ? 'none' : format.number(findings.length)}
        </span>
        {then !== findings.length && <span className={styles.preview}>→ {then}</span>}
      </span>
      <span className={styles.below} style={{ marginTop: 'auto' }}>
        {count('blocks')} block · {count('risks')} risk · {count('note')} note{open}
      </span>
    </button>
  )
}
