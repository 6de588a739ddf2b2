import { z } from 'zod'
import { BOARD_SIZES, SUPPLY_SHAPES } from '../standards'
import { count, maybe, millimetres, sheetBase, watts } from '../sheetFields'

const fromEdge = z.number().min(0).max(5_000)

/** A block of equal bays on the front, measured from the front's upper left corner. */
const bayBlock = z.strictObject({
  formFactor: z.enum(['3.5', '2.5']),
  access: z.enum(['hot-swap', 'internal']),
  rows: z.int().min(1).max(30),
  columns: z.int().min(1).max(30),
  leftMm: fromEdge,
  topMm: fromEdge,
  bayWidthMm: millimetres,
  bayHeightMm: millimetres,
  gapMm: z.number().min(0).max(500),
})

/** Where something lies in the top view: from the front and from the left, seen from above. */
const spot = z.strictObject({ frontMm: fromEdge, leftMm: fromEdge })

export const chassisSheet = z.strictObject({
  kind: z.literal('chassis'),
  ...sheetBase,
  form: z.enum(['rack', 'desktop']),
  widthMm: millimetres,
  heightMm: millimetres,
  /** Outside, without plugs. */
  depthMm: millimetres,
  bayBlocks: z.array(bayBlock).max(12),
  /** Whether trays, or rails and screws, for all bays are in the box. */
  driveTrays: maybe(z.enum(['included', 'sold apart'])),
  rails: maybe(z.enum(['included', 'sold apart', 'not made'])),
  boardSizes: maybe(z.array(z.enum(BOARD_SIZES)).max(5)),
  /** From the rear edge of the board to the first obstacle in front of it. */
  boardMaxDepthMm: maybe(millimetres),
  /** From the board's surface to the inside of the cover over it. */
  boardToCoverMm: maybe(millimetres),
  /** Thickness of fans that come mounted under that cover, over the CPU; 0 for none. */
  coverFanMm: maybe(z.number().min(0).max(200)),
  supplyShapes: maybe(z.array(z.enum(SUPPLY_SHAPES)).max(7)),
  supplyMaxLengthMm: maybe(millimetres),
  /** From the board's surface to a supply that is mounted over it; 0 when none is over it. */
  boardToSupplyMm: maybe(z.number().min(0).max(500)),
  cardOpenings: maybe(count),
  cardHeight: maybe(z.enum(['full', 'half'])),
  cardMaxLengthMm: maybe(millimetres),
  /** The way the air goes past the board. */
  airflow: maybe(z.enum(['front to rear', 'side to side'])),
  /** Fans that come with it, each wanting a header. */
  fanCount: maybe(count),
  /** All of them together, at the speed they idle at. */
  fansIdleWatts: watts,
  /** Places in the top view; null when it is not known where things lie. */
  boardAt: maybe(spot),
  supplyAt: maybe(spot),
})

export type ChassisSheet = z.infer<typeof chassisSheet>
