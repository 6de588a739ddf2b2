import { choiceText, type OpenChoice } from '@flint/core/figures'
import { format } from '../controls/locale'
import { useAppSelector } from '../store/hooks'
import { doneWords } from './doneWords'
import { selectEvaluation, selectFindings, selectLimits } from './selectors'
import { useGoToChoice } from './useGoToChoice'
import styles from './stillToChoose.module.css'

/** Everything that the design still needs, each with the way to where it is chosen. */
export function StillToChooseList({ onChosen }: { onChosen?: () => void }) {
  const { stillToChoose, isDone } = useAppSelector(selectEvaluation)
  const findings = useAppSelector(selectFindings)
  const limits = useAppSelector(selectLimits)
  const goTo = useGoToChoice()
  if (stillToChoose.length === 0) {
    return <p className={styles.words}>{doneWords(isDone, findings, limits)}</p>
  }
  return (
    <>
      <p className="soft">
        The design cannot be built without these, and no limit that depends on them can be kept.
      </p>
      <ul className={styles.choices}>
        {stillToChoose.map((one) => (
          <li key={`${one.choice} ${one.which ?? ''}`}>
            <span>{choiceText(one, format)}</span>
            <button
              type="button"
              className="plain-button"
              aria-label={`${actionWords(one)}: ${choiceText(one, format)}`}
              onClick={() => {
                goTo(one)
                onChosen?.()
              }}
            >
              {actionWords(one)}
            </button>
          </li>
        ))}
      </ul>
    </>
  )
}

const actionWords = ({ choice }: OpenChoice): string =>
  choice === 'layout' ? 'Lay out' : choice === 'drives' ? 'Choose drives' : 'Choose'
