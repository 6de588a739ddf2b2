import { coolerClearance } from '@flint/core/drawing'
import { type Machine, pieceOf } from '@flint/core/figures'
import { format } from '../controls/locale'
import styles from './plan.module.css'

const PX_PER_MM = 0.8
const WIDTH_PX = 268
/** The board and the obstacle end here; their names stand behind. */
const LINE_PX = 150
/** Drawn width of a cooler; only its height is to scale. */
const COOLER_PX = 84

/** Half the height of a measure's words with a little air, and from their middle down to where they stand. */
const HALF_WORDS_PX = 10
const TO_MIDDLE_PX = 4

/** From the board up: the cooler, and what it would touch. Heights are to scale. */
export function SideSection({
  machine,
  pointedPartIds,
}: {
  machine: Machine
  pointedPartIds: readonly string[]
}) {
  const chassis = pieceOf(machine, 'chassis')
  const cooler = pieceOf(machine, 'cooler')
  const clearance = chassis && coolerClearance(chassis.dataSheet)
  if (!chassis || !clearance) return null
  const coolerMm = cooler?.dataSheet.heightMm ?? null
  const topMm = Math.max(clearance.clearanceMm, coolerMm ?? 0) + 12
  const y = (overBoardMm: number): number => (topMm - overBoardMm) * PX_PER_MM
  const touches = coolerMm !== null && coolerMm > clearance.clearanceMm
  const words =
    coolerMm === null
      ? `${format.number(clearance.clearanceMm)} mm from the board to ${clearance.obstacle}.`
      : touches
        ? `Cooler ${format.number(coolerMm)} mm: ${format.number(coolerMm - clearance.clearanceMm)} mm too tall for ${clearance.obstacle}.`
        : `Cooler ${format.number(coolerMm)} mm, ${format.number(clearance.clearanceMm - coolerMm)} mm below ${clearance.obstacle}.`
  return (
    <section aria-label="Over the board">
      <h2>Over the board</h2>
      <figure className={styles.figure}>
        <svg width={WIDTH_PX} height={topMm * PX_PER_MM + 10} role="img" aria-label={words}>
          <line x2={LINE_PX} y1={y(0)} y2={y(0)} className={styles.wall} />
          <text x={LINE_PX + 8} y={y(0) + 2} className={styles.words}>
            board
          </text>
          <path
            d={arrowDown(LINE_PX - 12, y(clearance.clearanceMm), y(0))}
            className={styles.dimension}
          />
          <text
            x={LINE_PX - 6}
            y={y(clearance.clearanceMm / 2) + TO_MIDDLE_PX}
            className={`figure ${styles.measure ?? ''}`}
          >
            {clearance.clearanceMm}
          </text>
          {cooler && coolerMm !== null && (
            <rect
              x={(LINE_PX - COOLER_PX) / 2}
              y={y(coolerMm)}
              width={COOLER_PX}
              height={coolerMm * PX_PER_MM}
              className={
                touches || pointedPartIds.includes(cooler.id) ? styles.highlighted : styles.part
              }
            />
          )}
          {coolerMm !== null && (
            <text
              x={(LINE_PX - COOLER_PX) / 2 - 4}
              y={measureY(y(coolerMm / 2), y(clearance.clearanceMm))}
              textAnchor="end"
              className={`figure ${styles.measure ?? ''}`}
            >
              {coolerMm}
            </text>
          )}
          <line
            x2={LINE_PX}
            y1={y(clearance.clearanceMm)}
            y2={y(clearance.clearanceMm)}
            className={touches ? styles.missed : styles.limit}
          />
          <text
            x={LINE_PX + 8}
            y={y(clearance.clearanceMm) + TO_MIDDLE_PX}
            className={styles.words}
          >
            {clearance.obstacle.replace(/ (over the board|under the cover)$/, '')}
          </text>
        </svg>
        <figcaption className="soft">
          {touches && <span aria-hidden="true">△ </span>}
          {words}
        </figcaption>
      </figure>
    </section>
  )
}

/** Where the words of a measure stand that want their middle at one height and no line through them at another. */
function measureY(middle: number, line: number): number {
  const isStruck = Math.abs(middle - line) < HALF_WORDS_PX
  return (isStruck ? line + HALF_WORDS_PX : middle) + TO_MIDDLE_PX
}

/** A dimension line from one height to another, with a head at each end. */
function arrowDown(x: number, top: number, bottom: number): string {
  return `M${x - 3} ${top + 6} ${x} ${top} ${x + 3} ${top + 6}M${x} ${top}V${bottom}M${x - 3} ${bottom - 6} ${x} ${bottom} ${x + 3} ${bottom - 6}`
}
