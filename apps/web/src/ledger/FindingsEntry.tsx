import { isLack, type Severity } from '@flint/core/figures'
import { format } from '../controls/locale'
import { selectFindings, selectNotGiven, selectPreviewEvaluation } from '../sheet/selectors'
import { useAppSelector } from '../store/hooks'
import type { RootState } from '../store/store'
import { LedgerCount } from './LedgerCount'

/** How much there is to look at. What data sheets leave open is counted apart, by the piece. */
export function FindingsEntry() {
  const findings = useAppSelector(selectFindings)
  const notGiven = useAppSelector(selectNotGiven)
  const count = (severity: Severity): number =>
    findings.filter((finding) => finding.severity === severity).length
  const gaps = notGiven.length > 0 ? ` · ${format.number(notGiven.length)} with gaps` : ''
  return (
    <LedgerCount
      id="findings"
      title="findings"
      value={countWords(findings.length)}
      selectWould={selectWould}
      below={`${format.number(count('blocks'))} block · ${format.number(count('risks'))} risk · ${format.number(count('note'))} note${gaps}`}
      onClick={() => {
        document.getElementById('findings')?.focus()
      }}
    />
  )
}

function selectWould(state: RootState): string | null {
  const preview = selectPreviewEvaluation(state)
  if (!preview) return null
  const would = preview.findings.filter((finding) => !isLack(finding)).length
  return would === selectFindings(state).length ? null : countWords(would)
}

const countWords = (findings: number): string => (findings === 0 ? 'none' : format.number(findings))
