import type { Bay } from '@flint/core/drawing'
import styles from './plan.module.css'

/** Something that several bays hang on, drawn as a line through them. */
export interface SharedRun {
  id: string
  name: string
  bayIds: readonly string[]
}

/** Room below the front for each of them, its line and its name. */
export const RUN_PX = 22

/** Where in a bay its line is fixed, as a share of its width: the first on the right, the second on the left. */
const FIXED_AT = { first: 0.93, second: 0.07 }
/** From the line down to the foot of its name. */
const NAME_PX = 12
const DOT_PX = 3

interface SharedRunLinesProps {
  name: string
  bays: readonly Bay[]
  pxPerMm: number
  /** How far down the line runs that the others hang on. */
  busPx: number
  isFirst: boolean
}

/** From the side of each bay, clear of its words, down to one line below the front with the name of what they share. */
export function SharedRunLines({ name, bays, pxPerMm, busPx, isFirst }: SharedRunLinesProps) {
  const middles = bays.map(({ leftMm, topMm, widthMm, heightMm }) => ({
    x: 1 + (leftMm + widthMm * (isFirst ? FIXED_AT.first : FIXED_AT.second)) * pxPerMm,
    y: 1 + (topMm + heightMm / 2) * pxPerMm,
  }))
  const [left, right] = [
    Math.min(...middles.map(({ x }) => x)),
    Math.max(...middles.map(({ x }) => x)),
  ]
  return (
    <g className={styles.sharedRun} strokeDasharray={isFirst ? undefined : '5 3'}>
      {middles.map(({ x, y }) => (
        <g key={`${x} ${y}`}>
          <line x1={x} x2={x} y1={y} y2={busPx} />
          <circle cx={x} cy={y} r={DOT_PX} />
        </g>
      ))}
      <line x1={left} x2={right} y1={busPx} y2={busPx} />
      <text x={left} y={busPx + NAME_PX} className={styles.sharedName}>
        {name}
      </text>
    </g>
  )
}
