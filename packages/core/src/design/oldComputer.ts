import { BOARD_OUTLINES, type BoardSize } from '../catalogue/standards'
import { type PartSheet, partSheet } from '../catalogue/partKinds'
import { formatterFor } from '../units/formatter'
import type { Design, FittedPart } from './design'
import { newPiece } from './edits/newPiece'
import { nextId } from './edits/nextId'
import { newDesign } from './newDesign'
import { bayIdOf } from './pathChoices'
import type { DrivesOfSize } from './readDriveList'

/** What one sees of a computer when its side is off; everything else of it stays not known. */
export interface OldComputer {
  name: string
  boardSize: BoardSize
  /** Places for 3.5" drives. */
  bays: number
  sataPorts: number
  memoryBytes: number | null
  supplyWatts: number
  drives: readonly DrivesOfSize[]
}

/**
 * Outer size of a desktop case for a board of each size. Common practice, no source: taken as assumed in the data
 * sheet, so that the drawing has a scale, and to be measured.
 */
const USUAL_CASE_MM: Record<BoardSize, { widthMm: number; heightMm: number; depthMm: number }> = {
  'Mini-ITX': { widthMm: 220, heightMm: 250, depthMm: 330 },
  microATX: { widthMm: 190, heightMm: 370, depthMm: 410 },
  ATX: { widthMm: 200, heightMm: 440, depthMm: 460 },
  'SSI CEB': { widthMm: 220, heightMm: 460, depthMm: 500 },
  'SSI EEB': { widthMm: 230, heightMm: 500, depthMm: 560 },
}

/** A bay for a 3.5" drive with its walls, and the one above it. Common practice, no source. */
const BAY_MM = { width: 104, height: 26.1, gap: 6 }
/** From the floor of the case to the lowest bay. For the drawing only. */
const OVER_FLOOR_MM = 24
/** From the left of the front. For the drawing only. */
const FROM_LEFT_MM = 40

/** Cores of a CPU that nobody has looked up. Common practice, no source; said to be assumed. */
const USUAL_CORES = 4
/** What such boards mostly have. Common practice, no source; said to be assumed. */
const USUAL_MEMORY_SLOTS = 4
/** One name for what is in the socket already. */
const SOCKET = 'as it is'

/**
 * A design of a computer that is in the house already, with all of its pieces owned and none of them in the catalogue.
 *
 * What is entered is a fact of its data sheets; what must be there for a drawing is assumed and said to be; all else
 * is not known. Drives go into its bays in the order in which they are listed, the rest lie on the bench.
 */
export function oldComputer(old: OldComputer): Design {
  const sheets = sheetsOf(old)
  const snapshots = sheets.map(({ sheet }, index) => ({
    id: `sheet-${index + 1}`,
    slug: null,
    catalogueVersion: 1,
    sheet,
    price: null,
  }))
  const fitted: FittedPart[] = []
  let bay = 0
  sheets.forEach(({ sheet, count }, index) => {
    for (let piece = 0; piece < count; piece += 1) {
      const id = nextId(
        sheet.kind,
        fitted.map((one) => one.id),
      )
      const isInBay = sheet.kind === 'drive' && bay < old.bays
      if (isInBay) bay += 1
      const place = isInBay ? bayIdOf('chassis-1', bay) : null
      fitted.push(newPiece(id, `sheet-${index + 1}`, { owned: true, bay: place }))
    }
  })
  return { ...newDesign(old.name || 'Old computer'), snapshots, fitted }
}

function sheetsOf(old: OldComputer): { sheet: PartSheet; count: number }[] {
  const { boardSize, bays, sataPorts, memoryBytes, supplyWatts, drives } = old
  const size = USUAL_CASE_MM[boardSize]
  const format = formatterFor('en')
  const bayBlocks =
    bays === 0
      ? []
      : [
          {
            formFactor: '3.5',
            access: 'internal',
            rows: bays,
            columns: 1,
            bayWidthMm: BAY_MM.width,
            bayHeightMm: BAY_MM.height,
            gapMm: BAY_MM.gap,
            backplane: null,
            leftMm: FROM_LEFT_MM,
            topMm: Math.max(0, heightFor(bays, size.heightMm) - OVER_FLOOR_MM - baysHigh(bays)),
          },
        ]
  const pieces: [raw: Record<string, unknown>, count: number][] = [
    [
      {
        kind: 'chassis',
        model: 'case',
        form: 'desktop',
        ...size,
        heightMm: heightFor(bays, size.heightMm),
        bayBlocks,
        openings525: [],
        boardSizes: [boardSize],
        supplyShapes: null,
        sources: assumed('widthMm', 'heightMm', 'depthMm', 'bayBlocks'),
      },
      1,
    ],
    [
      {
        kind: 'board',
        model: 'board',
        size: boardSize,
        ...BOARD_OUTLINES[boardSize],
        socket: SOCKET,
        sataPorts,
        memorySlots: USUAL_MEMORY_SLOTS,
        sources: assumed('widthMm', 'depthMm', 'memorySlots'),
      },
      1,
    ],
    [
      { kind: 'cpu', model: 'CPU', socket: SOCKET, cores: USUAL_CORES, sources: assumed('cores') },
      1,
    ],
    [{ kind: 'cooler', model: 'cooler', sockets: [SOCKET] }, 1],
    ...(memoryBytes === null
      ? []
      : [
          [{ kind: 'memory', model: 'memory', capacityBytes: memoryBytes, ecc: false }, 1] as [
            Record<string, unknown>,
            number,
          ],
        ]),
    [
      {
        kind: 'supply',
        model: 'power supply',
        ratedWatts: supplyWatts,
        certificate: 'plain',
        sources: assumed('certificate'),
      },
      1,
    ],
    ...drives.map(({ count, capacityBytes }): [Record<string, unknown>, number] => [
      {
        kind: 'drive',
        model: `${format.drive(capacityBytes)} drive`,
        capacityBytes,
        formFactor: '3.5',
        plug: 'SATA',
        medium: 'disk',
        sources: assumed('plug'),
      },
      count,
    ]),
  ]
  return pieces.map(([raw, count]) => ({ sheet: partSheet.parse({ maker: 'Old', ...raw }), count }))
}

/** The case is at least as high as its bays. */
const heightFor = (bays: number, usualMm: number): number =>
  Math.max(usualMm, baysHigh(bays) + 2 * OVER_FLOOR_MM)

const baysHigh = (bays: number): number => bays * (BAY_MM.height + BAY_MM.gap) - BAY_MM.gap

const assumed = (...fields: string[]): Record<string, 'assumed'> =>
  Object.fromEntries(fields.map((field) => [field, 'assumed' as const]))
