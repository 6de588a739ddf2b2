import { NavLink } from 'react-router'
import { lenses } from '../lenses/lenses'
import { SeverityShape } from '../controls/SeverityShape'
import { useAppSelector } from '../store/hooks'
import { selectEvaluation, selectFindings } from '../sheet/selectors'
import styles from './sheet.module.css'

/** The steps of the work, in its order, with what is still to choose and the worst that was found in each. */
export function StepRail() {
  const findings = useAppSelector(selectFindings)
  const { stillToChoose } = useAppSelector(selectEvaluation)
  return (
    <nav className={styles.rail} aria-label="Steps">
      <ol>
        {lenses.map(({ id, title, letter }) => {
          const here = findings.filter(({ step }) => step === id)
          const worst = here[0]
          const open = stillToChoose.filter(({ step }) => step === id).length
          return (
            <li key={id}>
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
                    <SeverityShape severity={worst.severity} /> {here.length}
                    <span className="only-for-readers">
                      {here.length === 1 ? ' finding' : ' findings'}
                    </span>
                  </span>
                )}
              </NavLink>
            </li>
          )
        })}
      </ol>
    </nav>
  )
}
