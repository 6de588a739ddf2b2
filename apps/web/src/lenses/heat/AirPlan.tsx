import type { Design } from '@flint/core/editing'
import { type AirFlow, type HeatFigure, type Machine, pieceOf } from '@flint/core/figures'
import { arrangementOf } from '../../drawing/arrangement'
import { PlanView } from '../../drawing/PlanView'
import type { Label } from '../../drawing/placeLabels'
import { format } from '../../controls/locale'
import { type AirStream, airShapes } from './airShapes'
import { flowWords, warmthLabel } from './heatWords'
import styles from './heat.module.css'

interface AirPlanProps {
  design: Design
  machine: Machine
  flow: AirFlow | null
  heat: HeatFigure
  widthPx: number
  pointedPartIds: readonly string[]
}

/** Of the strip that says how warm a row is, and where it stands in the length of its drives. For the drawing only. */
const STRIP_MM = { width: 10, front: 138 }
/** Where the words on drives stand. For the drawing only. */
const ON_DRIVES_MM = 72
const ARROW_PX = 5

/** The machine with its cover off, and over it the air that moves through it and how warm each row of drives gets. */
export function AirPlan({ design, machine, flow, heat, widthPx, pointedPartIds }: AirPlanProps) {
  const arrangement = arrangementOf(machine)
  const streams = arrangement && flow ? airShapes(machine, arrangement, flow, heat) : []
  const { advised, most } = limitsOver(design, heat.roomCelsius)
  return (
    <PlanView
      machine={machine}
      design={design}
      widthPx={widthPx}
      pointedPartIds={pointedPartIds}
      hidesBayWords
      overlayLabels={(pxPerMm) => labelsOf(machine, heat, flow, pxPerMm, most)}
      overlay={(pxPerMm) => (
        <svg className={styles.air} aria-hidden="true">
          {streams.map((stream) => (
            <Stream key={stream.id} stream={stream} pxPerMm={pxPerMm} />
          ))}
          {placedRows(machine, heat).map(({ row, x, y, width, height }) => (
            <rect
              key={row.bayIds[0]}
              x={(x + STRIP_MM.front) * pxPerMm}
              y={y * pxPerMm}
              width={Math.min(STRIP_MM.width, width) * pxPerMm}
              height={height * pxPerMm}
              className={row.kelvin.likely > advised ? styles.warm : styles.cool}
            />
          ))}
        </svg>
      )}
    />
  )
}

function Stream({ stream, pxPerMm }: { stream: AirStream; pxPerMm: number }) {
  const { fromMm, toMm, acrossMm, widthMm, isWarm } = stream
  const [x, y, end] = [fromMm * pxPerMm, acrossMm * pxPerMm, toMm * pxPerMm]
  return (
    <>
      <rect
        x={x}
        y={y - (widthMm * pxPerMm) / 2}
        width={end - x}
        height={widthMm * pxPerMm}
        className={isWarm ? styles.warmStream : styles.stream}
      />
      <polyline
        points={`${end - ARROW_PX},${y - ARROW_PX} ${end},${y} ${end - ARROW_PX},${y + ARROW_PX}`}
        className={styles.arrow}
      />
    </>
  )
}

/** What is advised and what is the most, in kelvin over the room; nothing is too warm in a room that nobody knows. */
export function limitsOver(
  { houseRules }: Pick<Design, 'houseRules'>,
  roomCelsius: number | null,
): { advised: number; most: number } {
  return roomCelsius === null
    ? { advised: Infinity, most: Infinity }
    : {
        advised: houseRules.driveCelsiusAdvised - roomCelsius,
        most: houseRules.driveCelsiusMost - roomCelsius,
      }
}

function placedRows(machine: Machine, { rows }: HeatFigure) {
  const isUpright = arrangementOf(machine)?.plane === 'upright'
  return rows.flatMap((row) => {
    const bay = machine.bayById.get(row.bayIds[0] ?? '')
    if (!bay || row.isOutside) return []
    return [
      {
        row,
        x: 4,
        y: isUpright ? bay.topMm : bay.leftMm,
        width: STRIP_MM.width,
        height: isUpright ? bay.heightMm : bay.widthMm,
      },
    ]
  })
}

function labelsOf(
  machine: Machine,
  heat: HeatFigure,
  flow: AirFlow | null,
  pxPerMm: number,
  most: number,
): Label[] {
  const { roomCelsius, board, outletKelvin } = heat
  const arrangement = arrangementOf(machine)
  if (!arrangement) return []
  const { acrossMm, depthMm, board: lies, supply } = arrangement
  const rows = placedRows(machine, heat).map(({ row, y, height }): Label => ({
    id: `row ${row.bayIds[0] ?? ''}`,
    text: `${row.kelvin.high > most ? '△ ' : ''}${warmthLabel(row.kelvin, roomCelsius)}`,
    x: ON_DRIVES_MM * pxPerMm,
    y: (y + height / 2) * pxPerMm,
    look: row.kelvin.high > most ? 'missed' : 'words',
  }))
  const air: Label[] = lies
    ? [
        {
          id: 'air at the board',
          text: `air ${warmthLabel(board.kelvin, roomCelsius)}`,
          x: (lies.frontMm + lies.depthMm / 2) * pxPerMm,
          y: (lies.acrossMm + lies.widthMm * 0.82) * pxPerMm,
          look: 'chip',
        },
      ]
    : []
  const out: Label[] = outletKelvin
    ? [
        {
          id: 'air out',
          text: `out ${warmthLabel(outletKelvin, roomCelsius)}`,
          x: (depthMm + 34) * pxPerMm,
          y: (acrossMm / 2) * pxPerMm,
          look: 'chip',
        },
      ]
    : []
  const fed = flow?.supply
  const own: Label[] =
    supply && fed && pieceOf(machine, 'supply')?.id === fed.pieceId
      ? [
          {
            id: 'air of the supply',
            text: `own fan ${flowWords(fed.flow)}`,
            x: (supply.frontMm + supply.depthMm / 2) * pxPerMm,
            y: (supply.acrossMm + supply.widthMm * 0.75) * pxPerMm,
            look: 'words',
          },
        ]
      : []
  const back: Label[] =
    flow && flow.backThroughGap.likely > 1
      ? [
          {
            id: 'gap',
            text: `${format.number(flow.backThroughGap.likely)} m³/h go back here`,
            x: 200 * pxPerMm,
            y: acrossMm * pxPerMm - 10,
            look: 'words',
          },
        ]
      : []
  return [...rows, ...air, ...own, ...out, ...back]
}
