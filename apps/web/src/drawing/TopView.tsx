import { plugRoomMm } from '@flint/core/drawing'
import type { Brief } from '@flint/core/editing'
import { type Machine, pieceOf } from '@flint/core/figures'
import type { ReactNode } from 'react'
import { type PlanBoxShape, planBoxes } from './planBoxes'
import { format } from '../controls/locale'
import { boardHoles } from './boardHoles'
import { DimensionArrow } from './DimensionArrow'
import { PlanLabels } from './PlanLabels'
import type { Label } from './placeLabels'
import styles from './plan.module.css'

const LARGEST_PX_PER_MM = 0.92
/** Drawn larger than it is, so that it can be seen. */
const HOLE_RADIUS_MM = 3
const ROOM_FOR_WORDS_PX = 90
/** Of a label's middle from the edge of its box. */
const EDGE_PX = 13

interface TopViewProps {
  machine: Machine
  brief: Brief
  widthPx: number
  pointedPartIds: readonly string[]
  /** Whether the overlay names the cards instead. */
  hidesCardWords?: boolean
  /** Drawn over it to the same scale, from the case's front left corner. */
  overlay?: (pxPerMm: number) => ReactNode
  /** What the overlay has to say; it is placed with the words of the boxes. */
  overlayLabels?: (pxPerMm: number) => Label[]
}

/** The machine from above, front at the left, to scale, in the depth that its place has. */
export function TopView(props: TopViewProps) {
  const { machine, brief, widthPx, pointedPartIds, hidesCardWords = false } = props
  const { overlay, overlayLabels } = props
  const chassis = pieceOf(machine, 'chassis')
  if (!chassis) return <p className="soft">Choose a chassis, and it is drawn here to scale.</p>
  const { widthMm, depthMm } = chassis.dataSheet
  const place = pieceOf(machine, 'place')?.dataSheet
  const placeDepthMm = place?.depthMm ?? null
  const plugsMm = plugRoomMm(brief)
  const wholeMm = Math.max(depthMm + plugsMm, placeDepthMm ?? 0)
  const pxPerMm = Math.min(LARGEST_PX_PER_MM, (widthPx - ROOM_FOR_WORDS_PX) / wholeMm)
  const boxes = planBoxes(machine)
  const tight = placeDepthMm !== null && placeDepthMm - depthMm < plugsMm
  return (
    <figure className={styles.figure}>
      <div className={styles.measured}>
        {overlay && <div className={styles.overlay}>{overlay(pxPerMm)}</div>}
        <svg
          width={wholeMm * pxPerMm + 4}
          height={widthMm * pxPerMm + 4}
          role="img"
          aria-label={`Top view: ${widthMm} mm wide, ${depthMm} mm deep. ${boxes.map(({ words }) => words.join(', ')).join('; ')}`}
        >
          <g transform="translate(2 2)">
            <rect
              width={depthMm * pxPerMm}
              height={widthMm * pxPerMm}
              className={pointedPartIds.includes(chassis.id) ? styles.highlighted : styles.case}
            />
            <rect
              x={depthMm * pxPerMm}
              width={plugsMm * pxPerMm}
              height={widthMm * pxPerMm}
              className={tight ? styles.plugsTight : styles.plugs}
            />
            {boxes.map((box) => (
              <PlanBox
                key={box.id}
                box={box}
                pxPerMm={pxPerMm}
                highlighted={pointedPartIds.includes(box.id)}
              />
            ))}
            {boardHoles(machine).map(({ frontMm, leftMm, withinMm }) => (
              <rect
                key={`${frontMm} ${leftMm}`}
                x={(frontMm - HOLE_RADIUS_MM - withinMm) * pxPerMm}
                y={(leftMm - HOLE_RADIUS_MM) * pxPerMm}
                width={2 * (HOLE_RADIUS_MM + withinMm) * pxPerMm}
                height={2 * HOLE_RADIUS_MM * pxPerMm}
                rx={HOLE_RADIUS_MM * pxPerMm}
                className={withinMm > 0 ? styles.roughHole : styles.hole}
              >
                {withinMm > 0 && (
                  <title>A screw hole here, known to {withinMm} mm either way: measure it</title>
                )}
              </rect>
            ))}
            {placeDepthMm !== null && (
              <line
                x1={placeDepthMm * pxPerMm}
                x2={placeDepthMm * pxPerMm}
                y2={widthMm * pxPerMm}
                className={styles.wall}
              />
            )}
          </g>
        </svg>
        <PlanLabels
          labels={[
            ...(overlayLabels?.(pxPerMm) ?? []),
            ...boxes
              .filter(({ isCard }) => !(isCard && hidesCardWords))
              .flatMap((box) => boxLabels(box, pxPerMm)),
          ]}
          width={wholeMm * pxPerMm}
          height={widthMm * pxPerMm}
        />
        <DimensionArrow direction="down" lengthPx={widthMm * pxPerMm} millimetres={widthMm} />
      </div>
      <DimensionArrow direction="across" lengthPx={depthMm * pxPerMm} millimetres={depthMm} />
      <figcaption className="soft">
        {tight && (
          <strong className={styles.missedWords}>
            {placeDepthMm < depthMm
              ? `△ ${format.number(depthMm - placeDepthMm)} mm too deep for its place. `
              : `△ ${format.number(placeDepthMm - depthMm)} of ${format.number(plugsMm)} mm are left for plugs. `}
          </strong>
        )}
        Front at the left. The dashed strip behind is room for plugs, {plugsMm} mm.
        {placeDepthMm !== null &&
          ` The thick line is the end of the ${place?.model ?? 'place'}, at ${placeDepthMm} mm.`}
        {boxes.length < 3 && ' What is not drawn has no dimensions on its data sheet.'}
      </figcaption>
    </figure>
  )
}

function PlanBox({
  box,
  pxPerMm,
  highlighted,
}: {
  box: PlanBoxShape
  pxPerMm: number
  highlighted: boolean
}) {
  const { frontMm, leftMm, depthMm, widthMm, overMm } = box
  return (
    <g transform={`translate(${frontMm * pxPerMm} ${leftMm * pxPerMm})`}>
      <rect
        width={depthMm * pxPerMm}
        height={widthMm * pxPerMm}
        className={highlighted || overMm > 0 ? styles.highlighted : styles.part}
      />
      {overMm > 0 && (
        <line
          x1={overMm * pxPerMm}
          x2={overMm * pxPerMm}
          y2={widthMm * pxPerMm}
          className={styles.missed}
        />
      )}
    </g>
  )
}

/** What is said of a box: a card in the middle of its strip, others at their upper edge. */
function boxLabels(box: PlanBoxShape, pxPerMm: number): Label[] {
  const { id, frontMm, leftMm, depthMm, widthMm, words, overMm, isCard } = box
  const x = (frontMm + depthMm / 2) * pxPerMm
  const y = (isCard ? leftMm + widthMm / 2 : leftMm) * pxPerMm + (isCard ? 0 : EDGE_PX)
  const missed: Label = {
    id: `${id} too far`,
    text: `△ ${format.number(overMm)} mm too far`,
    x,
    y: isCard ? y : (leftMm + widthMm) * pxPerMm - EDGE_PX,
    look: 'missed',
  }
  return [
    ...words.map((text, line): Label => ({ id: `${id} ${line}`, text, x, y, look: 'words' })),
    ...(overMm > 0 ? [missed] : []),
  ]
}
