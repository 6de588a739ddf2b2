import type { Edit } from '@flint/core/editing'
import type { Candidate } from '@flint/core/figures'
import { format } from '../../controls/locale'
import { selectDesign } from '../../sheet/selectors'
import { useEdit, usePreview } from '../../sheet/useEdit'
import { useAppSelector } from '../../store/hooks'
import { hasSameLayout } from './hasSameLayout'
import { candidateColumns } from './candidateColumns'
import styles from './candidates.module.css'

/** Drives sold as the same size differ by a few sectors; below this nobody minds. */
const WORTH_SAYING_BYTES = 10_000_000_000

interface CandidateRowProps {
  candidate: Candidate
  familyTitle: string
  /** What its next step of growth costs; null where that is not known. */
  stepMinor: number | null
}

/** One layout of the candidates; choosing its name makes it, pointing at it shows what the design would become. */
export function CandidateRow({ candidate, familyTitle, stepMinor }: CandidateRowProps) {
  const { title, nativeName, pool, unbeaten, strandedBytes } = candidate
  const { pools, brief } = useAppSelector(selectDesign)
  const { currency } = brief
  const edit = useEdit()
  const previewOf = usePreview()
  const isNow = pools.some((there) => hasSameLayout(there, pool))
  const apply: Edit = { do: 'lay-out', pool }
  const { onPointerMove, onPointerLeave, onFocus, onBlur } = previewOf(isNow ? null : apply)
  return (
    <tr
      data-candidate={candidate.id}
      aria-current={isNow}
      onPointerMove={onPointerMove}
      onPointerLeave={onPointerLeave}
    >
      <th scope="row">
        <button
          type="button"
          className={styles.apply}
          aria-disabled={isNow}
          onFocus={onFocus}
          onBlur={onBlur}
          onClick={() => {
            if (!isNow) edit(apply)
          }}
        >
          <span className={styles.mark}>
            {unbeaten && (
              <>
                <span aria-hidden="true">◆</span>
                <span className="only-for-readers">unbeaten, </span>
              </>
            )}
          </span>
          <span className={styles.name}>
            {title}
            <span className="soft">
              {[familyTitle, nativeName, isNow ? 'now' : ''].filter(Boolean).join(', ')}
            </span>
          </span>
          {!isNow && <span className={styles.applyWord}>apply</span>}
        </button>
      </th>
      {candidateColumns.map(({ id, text }) => (
        <td key={id}>
          {text(candidate)}
          {id === 'growthDrives' && stepMinor !== null && (
            <span className="soft"> {format.roundMoney(stepMinor, currency)}</span>
          )}
        </td>
      ))}
      <td>{strandedBytes >= WORTH_SAYING_BYTES ? format.drive(strandedBytes) : '–'}</td>
    </tr>
  )
}
