import type { AirFlow, HeatFigure, Machine } from '@flint/core/figures'
import type { Arrangement } from '../../drawing/arrangement'

/** Air that goes across the drawing, millimetres from the upper left corner of the case. */
export interface AirStream {
  id: string
  fromMm: number
  toMm: number
  /** Its middle across the case, and how wide it is drawn. */
  acrossMm: number
  widthMm: number
  /** Whether it has passed the drives. */
  isWarm: boolean
}

/** How wide the widest stream is drawn; none is thinner than can be seen. For the drawing only. */
const WIDEST_MM = 46
const THINNEST_MM = 3
/** How far streams reach out of the case. For the drawing only. */
const OUTSIDE_MM = 26
/** Streams past the board. For the drawing only. */
const PAST_BOARD = 3
/** From the front to where air has passed the drives. For the drawing only. */
const BEHIND_DRIVES_MM = 175

/** The air of a case as streams from front to rear: one past each row of drives, some past the board, one through the supply. */
export function airShapes(
  machine: Machine,
  { plane, acrossMm, depthMm, supply }: Arrangement,
  flow: AirFlow,
  { rows }: Pick<HeatFigure, 'rows'>,
): AirStream[] {
  const past = rows.flatMap((row) => {
    const bay = machine.bayById.get(row.bayIds[0] ?? '')
    if (!bay || row.isOutside || !row.cubicMetresPerHour) return []
    const middle = plane === 'flat' ? bay.leftMm + bay.widthMm / 2 : bay.topMm + bay.heightMm / 2
    return [{ id: row.bayIds[0] ?? '', middle, flow: row.cubicMetresPerHour.likely }]
  })
  const throughSupply = Math.max(0, flow.supply?.flow.likely ?? 0)
  const pastBoard = Math.max(0, flow.pastBoard.likely - throughSupply) / PAST_BOARD
  const most = Math.max(1, pastBoard, throughSupply, ...past.map((one) => one.flow))
  const widthOf = (one: number): number => Math.max(THINNEST_MM, (one / most) * WIDEST_MM)
  const freeFrom = supply && supply.acrossMm < acrossMm / 2 ? supply.acrossMm + supply.widthMm : 0
  const freeTo = supply && supply.acrossMm >= acrossMm / 2 ? supply.acrossMm : acrossMm
  return [
    ...past.map(({ id, middle, flow: passes }) => ({
      id: `past ${id}`,
      fromMm: -OUTSIDE_MM,
      toMm: BEHIND_DRIVES_MM,
      acrossMm: middle,
      widthMm: widthOf(passes),
      isWarm: false,
    })),
    ...Array.from({ length: PAST_BOARD }, (_, index) => ({
      id: `board ${index}`,
      fromMm: BEHIND_DRIVES_MM,
      toMm: depthMm + OUTSIDE_MM,
      acrossMm: freeFrom + ((freeTo - freeFrom) * (index + 0.5)) / PAST_BOARD,
      widthMm: widthOf(pastBoard),
      isWarm: true,
    })),
    ...(supply && throughSupply > 0
      ? [
          {
            id: 'supply',
            fromMm: BEHIND_DRIVES_MM,
            toMm: depthMm + OUTSIDE_MM,
            acrossMm: supply.acrossMm + supply.widthMm / 2,
            widthMm: widthOf(throughSupply),
            isWarm: true,
          },
        ]
      : []),
  ].filter(({ toMm, fromMm }) => toMm > fromMm)
}
