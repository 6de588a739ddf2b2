import type { StoredCollected } from '@flint/contract'
import { binaryBytes } from '@flint/core/drawing'
import { fillTrend } from '@flint/core/figures'
import { lazy, Suspense } from 'react'
import { format } from '../../controls/locale'
import { selectDesign } from '../../sheet/selectors'
import { useAppSelector } from '../../store/hooks'
import { fillWords } from './logWords'
import styles from './log.module.css'

/** The chart library is large, and the rest of the lens needs none of it. */
const LineOverTime = lazy(() => import('./LineOverTime'))

/** Whole numbers are enough beside an axis. */
const axisSpace = (bytes: number): string =>
  Object.values(binaryBytes(bytes, 0, format.locale)).join(' ')

/** How full each pool is over time, and when it will be full. */
export function FillSection({ files }: { files: readonly StoredCollected[] }) {
  const { brief } = useAppSelector(selectDesign)
  const byPool = new Map<string, { at: string; usedBytes: number; sizeBytes: number }[]>()
  for (const { takenAt, seen } of files.toReversed()) {
    for (const { name, usedBytes, sizeBytes } of seen.pools) {
      if (usedBytes === null || sizeBytes === null) continue
      byPool.set(name, [...(byPool.get(name) ?? []), { at: takenAt, usedBytes, sizeBytes }])
    }
  }
  return (
    <section aria-label="How full over time">
      <h2>How full</h2>
      {byPool.size === 0 && (
        <p className="soft">Drawn from collected files of a machine with pools.</p>
      )}
      {[...byPool].map(([name, points]) => {
        const trend = fillTrend(points)
        const last = points.at(-1)
        return (
          <div key={name}>
            <p role="status">
              {name}:{' '}
              {last ? `${format.space(last.usedBytes)} of ${format.space(last.sizeBytes)}. ` : ''}
              {trend
                ? fillWords(trend, brief.horizonYears)
                : 'One more file tells how fast it fills.'}
            </p>
            {points.length > 1 && (
              <div className={styles.chart}>
                <Suspense fallback={<p className="soft">The chart is on its way …</p>}>
                  <LineOverTime
                    points={points.map(({ at, usedBytes }) => ({ at, value: usedBytes }))}
                    write={axisSpace}
                    limits={last ? [{ value: last.sizeBytes, name: 'full' }] : []}
                    told={`${name}, ${points.map(({ usedBytes }) => format.space(usedBytes)).join(', ')}`}
                  />
                </Suspense>
              </div>
            )}
          </div>
        )
      })}
    </section>
  )
}
