import { dataNowBytes, growthBytesPerYear } from '@flint/core/editing'
import { format } from '../../controls/locale'
import { selectDesign, selectEvaluation } from '../../sheet/selectors'
import { useAppSelector } from '../../store/hooks'
import styles from './brief.module.css'

const MOST_YEARS = 10

/** The data at the end of each year against the usable space. */
export function GrowthBars() {
  const { brief } = useAppSelector(selectDesign)
  const { workingBytes } = useAppSelector(selectEvaluation).capacity
  const years = Math.min(MOST_YEARS, Math.max(3, Math.ceil(brief.horizonYears)))
  const data = Array.from(
    { length: years + 1 },
    (_, year) => dataNowBytes(brief) + growthBytesPerYear(brief) * year,
  )
  const top = Math.max(workingBytes, ...data) * 1.08
  if (top === 0) return <p className="soft">Say above how much data there is.</p>
  return (
    <div>
      <div className={styles.years}>
        {data.map((bytes, year) => (
          <div
            key={year}
            className={bytes > workingBytes ? `${styles.year} ${styles.full}` : styles.year}
            style={{ height: `${(bytes / top) * 100}%` }}
          ></div>
        ))}
        {workingBytes > 0 && (
          <div className={styles.ceiling} style={{ bottom: `${(workingBytes / top) * 98}px` }}>
            <span>{format.space(workingBytes)} usable</span>
          </div>
        )}
      </div>
      <div className={styles.yearNames}>
        {data.map((bytes, year) => (
          <span key={year}>
            <span className="figure">{format.space(bytes, 0)}</span>
            {year === 0 ? 'now' : `year ${year}`}
            {bytes > workingBytes ? ', too full' : ''}
          </span>
        ))}
      </div>
    </div>
  )
}
