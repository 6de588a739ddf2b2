import type { StatePower } from '@flint/core/figures'
import { format } from '../../controls/locale'
import { flowOf } from './flowOf'
import styles from './power.module.css'

/** Pixels, from the left: words of the rows, streams, the bar behind the supply, and the bar at the wall. */
const LABEL_PX = 190
const BAR_PX = 14
const TOP_PX = 22
const RIGHT_PX = 130
/** However narrow the pane is. */
const LEAST_PX = 560

interface PowerFlowProps {
  title: string
  power: StatePower
  widthPx: number
}

/** The account from every kind of piece to the wall, as streams to scale. */
export function PowerFlow({ title, power, widthPx }: PowerFlowProps) {
  const flow = flowOf(power)
  const width = Math.max(LEAST_PX, widthPx)
  const wallX = width - RIGHT_PX
  const behindX = LABEL_PX + (wallX - LABEL_PX) * 0.55
  const words = [
    ...flow.streams.map(({ label }) => label),
    `${format.watts(flow.behind.watts, 1)} behind the supply`,
    ...(flow.loss ? [`${format.watts(flow.loss.watts, 1)} lost in the supply`] : []),
    flow.wall ? `${format.watts(flow.wall.watts, 1)} at the wall` : 'no supply yet',
  ]
  return (
    <section aria-label="Where the watts go">
      <h2>
        Where the watts go
        <span className="aside">{title.toLowerCase()}</span>
      </h2>
      <svg
        width={width}
        height={flow.height + TOP_PX}
        role="img"
        aria-label={words.join(', ')}
        className={styles.flow}
      >
        <g transform={`translate(0 ${TOP_PX})`}>
          {flow.streams.map(({ key, label, rowTop, thickness, endTop, isBeside }) => (
            <g key={key}>
              <text x={0} y={rowTop + thickness / 2 + 4} className={styles.words}>
                {label}
              </text>
              <path
                d={band(LABEL_PX, rowTop, isBeside ? wallX : behindX, endTop, thickness)}
                className={isBeside ? styles.beside : styles.stream}
              />
            </g>
          ))}
          <rect
            x={behindX}
            y={flow.behind.top}
            width={BAR_PX}
            height={flow.behind.height}
            className={styles.bar}
          />
          <text x={behindX - 4} y={-8} className={styles.words}>
            behind the supply {format.watts(flow.behind.watts, 1)}
          </text>
          {flow.loss && flow.wall && (
            <>
              <path
                d={band(behindX + BAR_PX, 0, wallX, 0, flow.behind.height)}
                className={styles.stream}
              />
              <path
                d={`M${behindX + BAR_PX} ${flow.behind.height}L${wallX} ${flow.loss.top}V${flow.loss.top + flow.loss.height}Z`}
                className={styles.loss}
              />
              <rect
                x={wallX}
                y={flow.wall.top}
                width={BAR_PX}
                height={flow.wall.height}
                className={styles.bar}
              />
              <text x={wallX + BAR_PX + 6} y={12} className={styles.strong}>
                {format.watts(flow.wall.watts, 1)}
              </text>
              <text x={wallX + BAR_PX + 6} y={28} className={styles.words}>
                at the wall
              </text>
              <text
                x={wallX + BAR_PX + 6}
                y={Math.max(46, flow.loss.top + flow.loss.height / 2 + 4)}
                className={styles.words}
              >
                {format.watts(flow.loss.watts, 1)} lost
              </text>
            </>
          )}
          {!flow.wall && (
            <text x={behindX + BAR_PX + 8} y={14} className={styles.words}>
              no supply yet
            </text>
          )}
        </g>
      </svg>
    </section>
  )
}

/** A stream of even thickness from one place to another. */
function band(x0: number, y0: number, x1: number, y1: number, thickness: number): string {
  const middle = (x0 + x1) / 2
  const upper = `M${x0} ${y0}C${middle} ${y0} ${middle} ${y1} ${x1} ${y1}`
  const [low0, low1] = [y0 + thickness, y1 + thickness]
  return `${upper}V${low1}C${middle} ${low1} ${middle} ${low0} ${x0} ${low0}Z`
}
