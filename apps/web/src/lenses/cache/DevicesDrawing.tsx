import { cutText } from '@flint/core/drawing'
import type { Machine, ServicesFigure } from '@flint/core/figures'
import { type Pool, ROLE_LETTERS } from '@flint/core/editing'
import { drawnDevices } from './drawnDevices'
import { lifeWords } from './lifeWords'
import styles from './cache.module.css'

/** Pixels: a device with its name above and its life below, and from one device to the next. */
const BAR = { height: 34, row: 74, top: 20 }
const POOL = { width: 130, height: 30, gap: 20 }
/** Between the longest bar and the pools, for the lines to them, which turn so far before the pools. */
const LINES = { room: 150, turn: 24 }
/** However narrow the pane is. */
const LEAST_LEFT_PX = 360
/** A stretch narrower than this has no room for its letter. */
const LETTER_ROOM_PX = 14
/** A letter of the text's font at 12 px, on average. */
const LETTER_PX = 6

interface DevicesDrawingProps {
  figure: ServicesFigure
  machine: Machine
  pools: readonly Pool[]
  widthPx: number
  pointedPartIds: readonly string[]
}

/** The small devices with their stretches to scale, and lines to the pools that they serve. */
export function DevicesDrawing({
  figure,
  machine,
  pools,
  widthPx,
  pointedPartIds,
}: DevicesDrawingProps) {
  const poolsLeft = Math.max(LEAST_LEFT_PX, widthPx - POOL.width - 8)
  const barPx = poolsLeft - LINES.room
  const devices = drawnDevices(figure.devices, machine, barPx)
  const high = Math.max(devices.length * BAR.row, pools.length * (POOL.height + POOL.gap)) + 6
  const poolY = (index: number): number => BAR.top + index * (POOL.height + POOL.gap)
  return (
    <svg
      width={poolsLeft + POOL.width + 2}
      height={high}
      role="img"
      aria-label={devices.map(({ words }) => words).join('; ')}
      className={styles.drawing}
    >
      {devices.map(({ id, name, stretches, lengthPx, figure: one }, index) => {
        const y = BAR.top + index * BAR.row
        return (
          <g key={id} transform={`translate(0 ${y})`} data-device={id}>
            <text y={-6} className={styles.name}>
              {cutText(name, Math.floor(barPx / LETTER_PX))}
            </text>
            <rect
              width={lengthPx}
              height={BAR.height}
              className={pointedPartIds.includes(id) ? styles.pointed : styles.free}
            />
            {stretches.map(({ key, role, fromPx, widthPx: wide, words }) => (
              <g key={key}>
                <rect
                  x={fromPx}
                  width={wide}
                  height={BAR.height}
                  className={styles[ROLE_CLASS[role]]}
                >
                  <title>{words}</title>
                </rect>
                {wide > LETTER_ROOM_PX && (
                  <text x={fromPx + 5} y={BAR.height / 2 + 4} className={styles.inBar}>
                    {wide > words.length * LETTER_PX + 8 ? words : ROLE_LETTERS[role]}
                  </text>
                )}
              </g>
            ))}
            <text x={0} y={BAR.height + 14} className={styles.small}>
              {lifeWords(one)}
            </text>
            {stretches.flatMap(({ key, poolId, fromPx, widthPx: wide }) => {
              const at = pools.findIndex((pool) => pool.id === poolId)
              if (at === -1) return []
              const [x, endY] = [fromPx + wide / 2, poolY(at) + POOL.height / 2 - y]
              const turn = poolsLeft - LINES.turn
              return [
                <path
                  key={`${key} line`}
                  d={`M${x} 0V-2H${turn}V${endY}H${poolsLeft}`}
                  className={styles.serves}
                />,
              ]
            })}
          </g>
        )
      })}
      {pools.map(({ id, name }, index) => (
        <g key={id} transform={`translate(${poolsLeft} ${poolY(index)})`}>
          <rect width={POOL.width} height={POOL.height} className={styles.pool} />
          <text x={8} y={POOL.height / 2 + 4} className={styles.name}>
            {cutText(name, Math.floor((POOL.width - 16) / LETTER_PX))}
          </text>
        </g>
      ))}
    </svg>
  )
}

const ROLE_CLASS = {
  system: 'system',
  'write log': 'log',
  'read cache': 'cache',
  metadata: 'metadata',
  'fast tier': 'tier',
} as const
