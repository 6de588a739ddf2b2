import { NavLink } from 'react-router'
import { lenses } from '../lenses/lenses'
import { SeverityShape } from '../controls/SeverityShape'
import { useAppSelector } from '../store/hooks'
import { selectEvaluation } from '../sheet/selectors'
import styles from './sheet.module.css'

/** The steps of the work, in its order, with the worst that was found in each. */
export function StepRail() {
  const { findings } = useAppSelector(selectEvaluation)
  return (
    <nav className={styles.rail} aria-label="Steps">
      <ol>
        {lenses.map(({ id, title, letter }) => {
          const here = findings.filter(({ step }) => step === id)
          const worst = here[0]
          return (
            <li key={id}>
              <NavLink
                className={styles.step ?? ''}
                to={`../${id}`}
                relative="path"
                title={`Key ${letter}`}
              >
                {title}
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
