import { cutText } from '@flint/core/drawing'
import { sameValue } from '@flint/core/editing'
import { type Machine, pieceOf } from '@flint/core/figures'
import { memo } from 'react'
import { caseLook } from './caseLook'
import { DimensionArrow } from './DimensionArrow'
import { type RearShape, rearShapes } from './rearShapes'
import styles from './plan.module.css'

const LARGEST_PX = { wide: 240, high: 170 }
/** A letter of the text's font at 12 px, on average. */
const LETTER_PX = 5.8

/** A network link that leaves a board or card. */
export interface RearLink {
  id: string
  partId: string
  strokeWidth: number
  className: string
  words: string
}

/** A line of words, and one below a row of sockets. */
const LINE_PX = 20
const HIGH_ENOUGH_PX = 30

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
  const shapes = rearShapes(machine)
  const isAssumed = shapes.some((shape) => shape.isAssumed)
  // What is higher than the case is drawn over it.
  const topMm = heightMm + Math.max(0, ...shapes.map(({ y }) => -y))
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
                className={caseLook(chassis, pointedPartIds)}
              />
              {shapes.map((shape) => (
                <RearPart
                  key={shape.id}
                  shape={shape}
                  pxPerMm={pxPerMm}
                  highlighted={shape.pieceId !== null && pointedPartIds.includes(shape.pieceId)}
                />
              ))}
              {links.map(({ id, partId, strokeWidth, className, words }) => {
                const shape = shapes.find(({ pieceId }) => pieceId === partId)
                if (!shape) return null
                const ofPart = links.filter((one) => one.partId === partId)
                const at = (ofPart.findIndex((one) => one.id === id) + 1) / (ofPart.length + 1)
                const x = (shape.x + shape.width * at) * pxPerMm
                const y = (shape.y + shape.height) * pxPerMm
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
              ? 'Neither board nor supply is there yet.'
              : `Seen from behind, so left and right are swapped.${isAssumed ? ' Places are assumed.' : ''}`}
        </figcaption>
      </figure>
    </section>
  )
}

interface RearPartProps {
  shape: RearShape
  pxPerMm: number
  highlighted: boolean
}

/** Shapes are made anew for each machine, so they are compared by what they say. */
const RearPart = memo(function RearPart({ shape, pxPerMm, highlighted }: RearPartProps) {
  const { x, y, width, height, words, tooHigh, isEmpty, isAssumed, sockets } = shape
  const look = tooHigh || highlighted ? styles.highlighted : isEmpty ? styles.empty : styles.part
  const wordsPx = width * pxPerMm - 8
  return (
    <g transform={`translate(${x * pxPerMm} ${y * pxPerMm})`}>
      <rect
        width={width * pxPerMm}
        height={height * pxPerMm}
        className={`${look ?? ''} ${isAssumed ? (styles.assumed ?? '') : ''}`}
      >
        <title>{words}</title>
      </rect>
      {sockets.map((socket, index) => (
        <rect
          key={index}
          x={socket.x * pxPerMm}
          y={socket.y * pxPerMm}
          width={socket.width * pxPerMm}
          height={socket.height * pxPerMm}
          className={styles.metal}
        >
          <title>{socket.words}</title>
        </rect>
      ))}
      {wordsPx > 44 && height * pxPerMm > (sockets.length > 0 ? HIGH_ENOUGH_PX : LINE_PX) && (
        <text x="4" y={height * pxPerMm - 4} className={styles.words}>
          {cutText(words, Math.floor(wordsPx / LETTER_PX))}
        </text>
      )}
    </g>
  )
}, sameValue)
