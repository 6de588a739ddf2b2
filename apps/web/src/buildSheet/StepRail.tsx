import type { StepId } from '@flint/core/editing'
import type { Severity } from '@flint/core/figures'
import { memo } from 'react'
import { NavLink } from 'react-router'
import { lenses } from '../lenses/lenses'
import { SeverityShape } from '../controls/SeverityShape'
import { useAppSelector } from '../store/hooks'
import { selectEvaluation, selectFindings } from '../sheet/selectors'
import styles from './sheet.module.css'

/** The steps of the work, in its order, with what is still to choose and the worst that was found in each. */
export function StepRail() {
  const findings = useAppSelector(selectFindings)
  const stillToChoose = useAppSelector((state) => selectEvaluation(state).stillToChoose)
  return (
    <nav className={styles.rail} aria-label="Steps">
      <ol>
        {lenses.map(({ id, title, letter }) => {
          const here = findings.filter(({ step }) => step === id)
          return (
            <Step
              key={id}
              id={id}
              title={title}
              letter={letter}
              open={stillToChoose.filter(({ step }) => step === id).length}
              found={here.length}
              worst={here[0]?.severity ?? null}
            />
          )
        })}
      </ol>
    </nav>
  )
}

interface StepProps {
  id: StepId
  title: string
  letter: string
  /** How many choices are open there, and how much was found. */
  open: number
  found: number
  worst: Severity | null
}

const Step = memo(function Step({ id, title, letter, open, found, worst }: StepProps) {
  return (
    <li>
      <NavLink
        className={styles.step ?? ''}
        to={`../${id}`}
        relative="path"
        title={`Key ${letter}`}
      >
        {title}
        {open > 0 && (
          <span className={styles.stepOpen}>
            {open}
            <span className="only-for-readers"> still to choose</span>
          </span>
        )}
        {worst && (
          <span className={styles.stepFindings}>
            <SeverityShape severity={worst} /> {found}
            <span className="only-for-readers">{found === 1 ? ' finding' : ' findings'}</span>
          </span>
        )}
      </NavLink>
    </li>
  )
})
