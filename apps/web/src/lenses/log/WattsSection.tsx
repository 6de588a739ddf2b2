import { lazy, Suspense } from 'react'
import { useWattsQuery } from '../../api/api'
import { format } from '../../controls/locale'
import { selectDesignId, selectEvaluation } from '../../sheet/selectors'
import { useAppSelector } from '../../store/hooks'
import styles from './log.module.css'

/** The chart library is large, and the rest of the lens needs none of it. */
const LineOverTime = lazy(() => import('./LineOverTime'))

/** Watts that were read over time, against the mean that the plan has. */
export function WattsSection() {
  const designId = useAppSelector(selectDesignId)
  const { power } = useAppSelector(selectEvaluation)
  const { data } = useWattsQuery(designId)
  if (!data) return null
  const { pieces, total } = data
  const [first, last] = [pieces[0], pieces.at(-1)]
  return (
    <section aria-label="Watts over time">
      <h2>
        Watts
        <span className="aside">{format.counted(total, 'reading')}</span>
      </h2>
      {pieces.length < 2 || !first || !last ? (
        <p className="soft">Drawn from two readings on, kept in the lens Power or by a meter.</p>
      ) : (
        <div className={styles.chart}>
          <Suspense fallback={<p className="soft">The chart is on its way …</p>}>
            <LineOverTime
              points={pieces.map(({ at, low, mean, high }) => ({ at, low, value: mean, high }))}
              write={(watts) => format.watts(watts)}
              limits={power.mean ? [{ value: power.mean.likely, name: 'mean of the plan' }] : []}
              told={`From ${format.watts(first.mean)} to ${format.watts(last.mean)}`}
            />
          </Suspense>
        </div>
      )}
    </section>
  )
}
