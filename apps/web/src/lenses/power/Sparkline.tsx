import { format } from '../../controls/locale'
import styles from './power.module.css'

const SIZE = { width: 520, height: 70 }
/** Points that the line has at most; more would lie on each other. */
const MOST_POINTS = 260

interface SparklineProps {
  values: readonly number[]
  /** What was expected, drawn behind the line. */
  band: { low: number; high: number } | null
}

/** The last minutes of a meter as a line from 0 up, with the plan's band behind it. */
export function Sparkline({ values, band }: SparklineProps) {
  const shown = values.slice(-MOST_POINTS)
  const most = Math.max(1, ...shown, band?.high ?? 0) * 1.05
  const y = (watts: number): number => SIZE.height - (watts / most) * SIZE.height
  const step = SIZE.width / (MOST_POINTS - 1)
  return (
    <svg
      {...SIZE}
      className={styles.spark}
      role="img"
      aria-label={`The last ${format.counted(shown.length, 'reading')}: ${format.number(Math.min(...shown), 1)} to ${format.watts(Math.max(...shown), 1)}`}
    >
      {band && (
        <rect
          width={SIZE.width}
          y={y(band.high)}
          height={Math.max(1, y(band.low) - y(band.high))}
          className={styles.sparkBand}
        />
      )}
      <polyline
        points={shown.map((watts, at) => `${at * step},${y(watts)}`).join(' ')}
        className={styles.sparkLine}
      />
    </svg>
  )
}
