import { BRACKET_HEIGHT_MM, cutText, REAR_SOCKETS, SUPPLY_ENVELOPES } from '@flint/core/drawing'
import { type Machine, pieceOf } from '@flint/core/figures'
import { DimensionArrow } from './DimensionArrow'
import styles from './plan.module.css'

const LARGEST_PX = { wide: 240, high: 170 }
/** Between the floor of the case and the board's surface. For the drawing only. */
const BOARD_OVER_FLOOR_MM = 8
/** A letter of the text's font at 12 px, on average. */
const LETTER_PX = 5.8

interface Shape {
  /** For the list; never taken apart. */
  id: string
  /** The piece that it is; null for a free opening. */
  pieceId: string | null
  leftMm: number
  widthMm: number
  heightMm: number
  /** How far it stands over the board's surface; 0 for what stands on it. */
  fromBoardMm: number
  words: string
  /** Whether it reaches over the top of the case. */
  tooHigh: boolean
}

/** A network link that leaves a board or card. */
export interface RearLink {
  id: string
  partId: string
  strokeWidth: number
  className: string
  words: string
}

/** How far links are drawn beyond the case. */
const LINK_PX = 16

const NO_LINKS: readonly RearLink[] = []

/** The rear: sockets of the board, openings with cards, the supply. To scale; heights from the floor. */
export function RearView({
  machine,
  pointedPartIds,
  links = NO_LINKS,
}: {
  machine: Machine
  pointedPartIds: readonly string[]
  links?: readonly RearLink[]
}) {
  const chassis = pieceOf(machine, 'chassis')
  if (!chassis) return null
  const { widthMm, heightMm } = chassis.dataSheet
  const shapes = shapesOf(machine)
  const topMm = Math.max(heightMm, ...shapes.map(topOf))
  const pxPerMm = Math.min(LARGEST_PX.wide / widthMm, LARGEST_PX.high / topMm)
  const missed = shapes.filter(({ tooHigh }) => tooHigh)
  return (
    <section aria-label="Rear">
      <h2>Rear</h2>
      <figure className={styles.figure}>
        <div className={styles.measured}>
          <svg
            width={widthMm * pxPerMm + 2}
            height={topMm * pxPerMm + 2 + (links.length > 0 ? LINK_PX : 0)}
            role="img"
            aria-label={`Rear: ${shapes.map(({ words }) => words).join(', ') || 'nothing placed'}`}
          >
            <g transform={`translate(1 ${1 + (topMm - heightMm) * pxPerMm})`}>
              <rect
                width={widthMm * pxPerMm}
                height={heightMm * pxPerMm}
                className={pointedPartIds.includes(chassis.id) ? styles.highlighted : styles.case}
              />
              {shapes.map(
                ({
                  id,
                  pieceId,
                  leftMm,
                  widthMm: wide,
                  heightMm: high,
                  fromBoardMm,
                  words,
                  tooHigh,
                }) => (
                  <g
                    key={id}
                    transform={`translate(${(widthMm - leftMm - wide) * pxPerMm} ${(heightMm - BOARD_OVER_FLOOR_MM - fromBoardMm - high) * pxPerMm})`}
                  >
                    <rect
                      width={wide * pxPerMm}
                      height={high * pxPerMm}
                      className={
                        tooHigh || (pieceId !== null && pointedPartIds.includes(pieceId))
                          ? styles.highlighted
                          : styles.part
                      }
                    >
                      <title>{words}</title>
                    </rect>
                    {wide * pxPerMm > 52 && (
                      <text x="4" y="14" className={styles.words}>
                        {cutText(words, Math.floor((wide * pxPerMm - 8) / LETTER_PX))}
                      </text>
                    )}
                  </g>
                ),
              )}
              {links.map(({ id, partId, strokeWidth, className, words }) => {
                const shape = shapes.find(({ pieceId }) => pieceId === partId)
                if (!shape) return null
                const ofPart = links.filter((one) => one.partId === partId)
                const at = (ofPart.findIndex((one) => one.id === id) + 1) / (ofPart.length + 1)
                const x = (widthMm - shape.leftMm - shape.widthMm * (1 - at)) * pxPerMm
                const y = (heightMm - BOARD_OVER_FLOOR_MM) * pxPerMm
                return (
                  <path
                    key={id}
                    d={`M${x} ${y - 6} L${x} ${heightMm * pxPerMm + LINK_PX}`}
                    strokeWidth={strokeWidth}
                    className={className}
                  >
                    <title>{words}</title>
                  </path>
                )
              })}
            </g>
          </svg>
          <div style={{ marginTop: (topMm - heightMm) * pxPerMm }}>
            <DimensionArrow direction="down" lengthPx={heightMm * pxPerMm} millimetres={heightMm} />
          </div>
        </div>
        <figcaption className="soft">
          {missed.length > 0 && <span aria-hidden="true">△ </span>}
          {missed.length > 0
            ? `${missed.map(({ words }) => words).join(', ')}: higher than the case.`
            : shapes.length === 0
              ? 'Where board and supply lie is not on the data sheet.'
              : 'Seen from behind, so left and right are swapped.'}
        </figcaption>
      </figure>
    </section>
  )
}

const topOf = ({ heightMm, fromBoardMm }: Pick<Shape, 'heightMm' | 'fromBoardMm'>): number =>
  heightMm + fromBoardMm + BOARD_OVER_FLOOR_MM

/** Everything at the rear whose place and size are known, measured from the left of the front. */
function shapesOf(machine: Machine): Shape[] {
  const chassis = pieceOf(machine, 'chassis')?.dataSheet
  if (!chassis) return []
  const { boardAt, supplyAt, cardHeight, heightMm } = chassis
  const shapes: Shape[] = []
  const add = (shape: Omit<Shape, 'tooHigh' | 'fromBoardMm'>, fromBoardMm = 0): void => {
    const whole = { ...shape, fromBoardMm }
    shapes.push({ ...whole, tooHigh: topOf(whole) > heightMm })
  }
  const board = pieceOf(machine, 'board')
  const widthMm = board?.dataSheet.widthMm ?? null
  if (board && boardAt && widthMm !== null) {
    const socketsMm = Math.min(REAR_SOCKETS.widthMm, widthMm)
    add({
      id: board.id,
      pieceId: board.id,
      leftMm: boardAt.leftMm + widthMm - socketsMm,
      widthMm: socketsMm,
      heightMm: REAR_SOCKETS.heightMm,
      words: 'board sockets',
    })
  }
  for (const { slot, leftMm, widthMm: wide, pieceId } of machine.cardPlaces) {
    const card = pieceId === null ? undefined : machine.pieces.get(pieceId)?.dataSheet
    const isTall = card && 'bracket' in card && card.bracket === 'full'
    const bracket = isTall ? 'full' : (cardHeight ?? 'full')
    add({
      id: `opening ${slot}`,
      pieceId,
      leftMm,
      widthMm: wide,
      heightMm: BRACKET_HEIGHT_MM[bracket],
      words: card?.model ?? 'free opening',
    })
  }
  const supply = pieceOf(machine, 'supply')
  const shape = supply?.dataSheet.shape
  if (supply && supplyAt && shape && shape !== 'brick') {
    const { widthMm: wide, heightMm: high } = SUPPLY_ENVELOPES[shape]
    const over = chassis.boardToSupplyMm ?? 0
    add(
      {
        id: supply.id,
        pieceId: supply.id,
        leftMm: supplyAt.leftMm,
        widthMm: wide,
        heightMm: high,
        words: supply.dataSheet.model,
      },
      over,
    )
  }
  return shapes
}
