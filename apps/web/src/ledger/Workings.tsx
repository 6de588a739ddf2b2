import { selectEvaluatedDesign, selectEvaluation } from '../sheet/selectors'
import { useAppSelector } from '../store/hooks'
import type { LedgerFigure } from './figures'
import { workingsOf } from './workingsOf'
import styles from './workings.module.css'

/** How a figure was worked out: the formula in words, the terms, the source. */
export function Workings({ figure }: { figure: LedgerFigure }) {
  const design = useAppSelector(selectEvaluatedDesign)
  const evaluation = useAppSelector(selectEvaluation)
  const { title, formula, terms, source } = workingsOf(figure.id, design, evaluation)
  return (
    <div
      className={styles.workings}
      role="dialog"
      aria-label={`How ${title} was worked out`}
      tabIndex={0}
    >
      <h2>{title}</h2>
      <p>{formula}</p>
      <table className={styles.terms}>
        <tbody>
          {terms.map(({ label, value }, index) => (
            <tr key={`${index} ${label}`}>
              <th scope="row">{label}</th>
              <td>{value}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="soft">{source}</p>
    </div>
  )
}
