import { isOpenCase, plugRoomMm } from '@flint/core/drawing'
import type { Design } from '@flint/core/editing'
import { type Machine, pieceOf } from '@flint/core/figures'
import { type ReactNode, useId } from 'react'
import { arrangementOf } from './arrangement'
import { type BayStack, bayStacks, drivesText } from './bayStacks'
import { boardDetails } from './boardDetails'
import { driveDetails, supplyDetails } from './caseDetails'
import { fanDetails } from './fanDetails'
import { type PlanBoxShape, planBoxes } from './planBoxes'
import { format } from '../controls/locale'
import { boardHoles } from './boardHoles'
import { caseLook } from './caseLook'
import { DimensionArrow } from './DimensionArrow'
import { PlanBox } from './PlanBox'
import { PlanDetails } from './PlanDetails'
import { PlanLabels } from './PlanLabels'
import type { Label } from './placeLabels'
import { boxLabels, stackLabel } from './planLabels'
import styles from './plan.module.css'

const LARGEST_PX_PER_MM = 1.4
/** Drawn larger than it is, so that it can be seen. */
const HOLE_RADIUS_MM = 3
const ROOM_FOR_WORDS_PX = 90
/** Towers are high; the rest of the lens stays in sight. */
const HIGHEST_PX = 420

interface PlanViewProps {
  machine: Machine
  design: Pick<Design, 'brief' | 'pools'>
  widthPx: number
  pointedPartIds: readonly string[]
  /** What choosing a part of the drawing does; the list of chosen parts does the same from the keyboard. */
  onChoose?: (pieceId: string) => void
  /** Whether the overlay names the cards instead. */
  hidesCardWords?: boolean
  /** Whether the overlay names what is in the bays instead. */
  hidesBayWords?: boolean
  /** Drawn over it to the same scale, from the case's front left corner. */
  overlay?: (pxPerMm: number) => ReactNode
  /** What the overlay has to say; it is placed with the words of the boxes. */
  overlayLabels?: (pxPerMm: number) => Label[]
}

/**
 * The machine with its cover off, front at the left, to scale, in the depth that its place has: from above, or from the
 * side where its board stands upright.
 */
export function PlanView(props: PlanViewProps) {
  const { machine, design, widthPx, pointedPartIds, hidesCardWords = false } = props
  const { hidesBayWords = false } = props
  const { overlay, overlayLabels, onChoose } = props
  const clipId = useId()
  const chassis = pieceOf(machine, 'chassis')
  const arrangement = arrangementOf(machine)
  if (!chassis || !arrangement) {
    return <p className="soft">Choose a chassis, and it is drawn here to scale.</p>
  }
  const { plane, acrossMm, depthMm } = arrangement
  const place = pieceOf(machine, 'place')?.dataSheet
  const placeDepthMm = place?.depthMm ?? null
  const plugsMm = plugRoomMm(design.brief)
  const wholeMm = Math.max(depthMm + plugsMm, placeDepthMm ?? 0)
  const pxPerMm = Math.min(
    LARGEST_PX_PER_MM,
    (widthPx - ROOM_FOR_WORDS_PX) / wholeMm,
    HIGHEST_PX / acrossMm,
  )
  const boxes = planBoxes(machine, arrangement)
  const stacks = bayStacks(machine, design, plane)
  const [under, over] = [boxes.filter(isBoard), boxes.filter((box) => !isBoard(box))]
  const isAssumed = boxes.some((box) => box.isAssumed)
  const tight = placeDepthMm !== null && placeDepthMm - depthMm < plugsMm
  const view = plane === 'flat' ? 'Top view' : 'Side view, cover off'
  const drawBox = (box: PlanBoxShape) => (
    <PlanBox
      key={box.id}
      box={box}
      pxPerMm={pxPerMm}
      highlighted={pointedPartIds.includes(box.id)}
      onChoose={onChoose}
    />
  )
  return (
    <figure className={styles.figure}>
      <div className={styles.measured}>
        {overlay && <div className={styles.overlay}>{overlay(pxPerMm)}</div>}
        <svg
          width={wholeMm * pxPerMm + 4}
          height={acrossMm * pxPerMm + 4}
          role="img"
          aria-label={`${view}: ${acrossMm} mm ${plane === 'flat' ? 'wide' : 'high'}, ${depthMm} mm deep. ${[...boxes.map(({ words }) => words), ...stacks.map(stackWords)].join('; ')}`}
        >
          <g transform="translate(2 2)">
            <rect
              width={depthMm * pxPerMm}
              height={acrossMm * pxPerMm}
              className={caseLook(chassis, pointedPartIds)}
            />
            <rect
              x={depthMm * pxPerMm}
              width={plugsMm * pxPerMm}
              height={acrossMm * pxPerMm}
              className={tight ? styles.plugsTight : styles.plugs}
            />
            <clipPath id={clipId}>
              <rect width={depthMm * pxPerMm} height={acrossMm * pxPerMm} />
            </clipPath>
            <g clipPath={`url(#${clipId})`}>
              {under.map(drawBox)}
              <PlanDetails
                details={boardDetails(machine, arrangement)}
                pxPerMm={pxPerMm}
                onChoose={onChoose}
              />
              {over.map(drawBox)}
              <PlanDetails
                details={[
                  ...driveDetails(stacks),
                  ...fanDetails(machine, arrangement, stacks),
                  ...supplyDetails(machine, arrangement),
                ]}
                pxPerMm={pxPerMm}
                onChoose={onChoose}
              />
            </g>
            {boardHoles(machine, arrangement).map(({ frontMm, acrossMm: holeMm, withinMm }) => (
              <rect
                key={`${frontMm} ${holeMm}`}
                x={(frontMm - HOLE_RADIUS_MM - withinMm) * pxPerMm}
                y={(holeMm - HOLE_RADIUS_MM) * pxPerMm}
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
                y2={acrossMm * pxPerMm}
                className={styles.wall}
              />
            )}
          </g>
        </svg>
        <PlanLabels
          labels={[
            ...(overlayLabels?.(pxPerMm) ?? []),
            // The board's own name gives way to those of its cards.
            ...[...over, ...under]
              .filter(({ what }) => !(what === 'card' && hidesCardWords))
              .flatMap((box) => boxLabels(box, pxPerMm, plane)),
            ...(hidesBayWords ? [] : stacks.map((stack) => stackLabel(stack, pxPerMm))),
          ]}
          width={wholeMm * pxPerMm}
          height={acrossMm * pxPerMm}
        />
        <DimensionArrow direction="down" lengthPx={acrossMm * pxPerMm} millimetres={acrossMm} />
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
        Front at the left{plane === 'upright' && ', seen from the side with the cover off'}. The
        dashed strip behind is room for plugs, {plugsMm} mm.
        {isOpenCase(chassis.dataSheet) &&
          ' It is open: nothing stands over the board nor around it.'}
        {placeDepthMm !== null &&
          ` The thick line is the end of the ${place?.model ?? 'place'}, at ${placeDepthMm} mm.`}
        {isAssumed &&
          ' What has dashed edges lies as in most such cases: no data sheet gives its place.'}
        {hasMissing(machine, boxes) &&
          ' What is not drawn has no room in this case, or stands outside.'}
      </figcaption>
    </figure>
  )
}

const isBoard = ({ what }: PlanBoxShape): boolean => what === 'board'

function hasMissing(machine: Machine, boxes: readonly PlanBoxShape[]): boolean {
  return (['board', 'supply'] as const).some(
    (kind) => pieceOf(machine, kind) && !boxes.some(({ what }) => what === kind),
  )
}

const stackWords = ({ bays, drives }: BayStack): string =>
  `${format.counted(bays, 'bay')}: ${drives.length === 0 ? 'empty' : drivesText(drives, format.drive)}`
