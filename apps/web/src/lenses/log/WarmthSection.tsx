import type { StoredCollected } from '@flint/contract'
import { lazy, Suspense } from 'react'
import { format } from '../../controls/locale'
import { selectDesign } from '../../sheet/selectors'
import { useAppSelector } from '../../store/hooks'
import styles from './log.module.css'

/** The chart library is large, and the rest of the lens needs none of it. */
const LineOverTime = lazy(() => import('./LineOverTime'))

/** The warmest drive each time that the machine was asked, against what the house advises and allows. */
export function WarmthSection({ files }: { files: readonly StoredCollected[] }) {
  const { houseRules } = useAppSelector(selectDesign)
  const points = files
    .flatMap(({ takenAt, seen }) => {
      const warm = seen.drives.flatMap(({ smart }) => smart?.celsius ?? [])
      return warm.length === 0
        ? []
        : [
            {
              at: takenAt,
              low: Math.min(...warm),
              value: Math.max(...warm),
              high: Math.max(...warm),
            },
          ]
    })
    .toSorted((one, other) => (one.at < other.at ? -1 : 1))
  const degrees = (celsius: number): string => `${format.number(celsius)} °C`
  const last = points.at(-1)
  return (
    <section aria-label="Warmth over time">
      <h2>
        Warmest drive
        {last && <span className="aside">{degrees(last.value)} at last</span>}
      </h2>
      {points.length < 2 ? (
        <p className="soft">Drawn from two collected files on, taken in the lens Prove.</p>
      ) : (
        <div className={styles.chart}>
          <Suspense fallback={<p className="soft">The chart is on its way …</p>}>
            <LineOverTime
              points={points}
              write={degrees}
              limits={[
                { value: houseRules.driveCelsiusAdvised, name: 'advised' },
                { value: houseRules.driveCelsiusMost, name: 'the most' },
              ]}
              told={`Warmest drive, ${points.map(({ value }) => degrees(value)).join(', ')}`}
            />
          </Suspense>
        </div>
      )}
    </section>
  )
}
