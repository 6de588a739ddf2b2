import { z } from 'zod'
import { bayGrid, fromEdge } from '../blocks'
import { BOARD_SIZES, SUPPLY_SHAPES } from '../standards'
import { count, decibels, maybe, millimetres, sheetBase, watts } from '../sheetFields'
import { steady } from '../draws'
import { none, type PartKindDefinition, permitsAlways } from '../partKindDefinition'
import { boardSheet } from './board'
import { bootSheet } from './boot'
import { controllerSheet } from './controller'
import { coolerSheet } from './cooler'
import { cpuSheet } from './cpu'
import { memorySheet } from './memory'
import { nicSheet } from './nic'
import { supplySheet } from './supply'

/** A block of equal bays on the front, measured from the front's upper left corner. */
const bayBlock = z.strictObject({ ...bayGrid, leftMm: fromEdge, topMm: fromEdge })

/**
 * Where something lies in the plane of the board, its rear left corner: from the front, and from the left as seen from
 * above; in a case whose board stands upright from the top, as seen from the side.
 */
const spot = z.strictObject({ frontMm: fromEdge, leftMm: fromEdge })

/** A place for a fan in a wall of the case, or on the bracket between drives and board. */
const fanPlace = z.strictObject({
  wall: z.enum(['front', 'rear', 'left', 'right', 'top', 'bottom', 'inside']),
  alongMm: fromEdge.describe(
    'Its middle: from the left, in a wall at the side from the front; where the board stands upright, from the top.',
  ),
  insideMm: maybe(millimetres).describe('For one inside: its distance from the front.'),
  sizeMm: z.number().min(20).max(250),
  blows: z.enum(['in', 'out']),
  filtered: maybe(z.boolean()),
})

/** What is in a machine that is sold whole. */
const insideSheet = z.discriminatedUnion('kind', [
  boardSheet,
  cpuSheet,
  coolerSheet,
  memorySheet,
  supplySheet,
  bootSheet,
  nicSheet,
  controllerSheet,
])

export const chassisSheet = z.strictObject({
  kind: z.literal('chassis'),
  ...sheetBase,
  form: z
    .enum(['rack', 'desktop', 'open'])
    .describe('Open: a tray or a shelf, with nothing over the board nor around it.'),
  widthMm: millimetres,
  heightMm: millimetres,
  depthMm: millimetres.describe('Outside, without plugs.'),
  bayBlocks: z.array(bayBlock).max(12),
  openings525: maybe(
    z.array(z.strictObject({ leftMm: fromEdge, topMm: fromEdge })).max(12),
  ).describe(
    'Upper left corners of its 5.25" openings, from the top down; empty when it has none.',
  ),
  angledPlugsFit: maybe(z.boolean()).describe(
    'Whether right-angled SATA plugs find room behind its drives.',
  ),
  driveTrays: maybe(z.enum(['included', 'sold apart'])).describe(
    'Whether trays, or rails and screws, for all bays are in the box.',
  ),
  rails: maybe(z.enum(['included', 'sold apart', 'not made'])),
  boardSizes: maybe(z.array(z.enum(BOARD_SIZES)).max(5)),
  boardMaxDepthMm: maybe(millimetres).describe(
    'From the rear edge of the board to the first obstacle in front of it.',
  ),
  boardToCoverMm: maybe(millimetres).describe(
    "From the board's surface to the inside of the cover over it.",
  ),
  coverFanMm: maybe(z.number().min(0).max(200)).describe(
    'Thickness of fans that come mounted under that cover, over the CPU; 0 for none.',
  ),
  supplyShapes: maybe(z.array(z.enum(SUPPLY_SHAPES)).max(7)),
  supplyMaxLengthMm: maybe(millimetres),
  boardToSupplyMm: maybe(z.number().min(0).max(500)).describe(
    "From the board's surface to a supply that is mounted over it; 0 when none is over it.",
  ),
  cardOpenings: maybe(count),
  cardHeight: maybe(z.enum(['full', 'half'])),
  cardMaxLengthMm: maybe(millimetres),
  airflow: maybe(z.enum(['front to rear', 'side to side', 'bottom to top'])).describe(
    'The way the air goes past the board.',
  ),
  fanCount: maybe(count).describe('Fans that come with it, each wanting a header.'),
  fansIdleWatts: watts.describe('All of them together, at the speed they idle at.'),
  fansNoiseDecibels: decibels,
  fanFlowCubicMetresPerHour: maybe(z.number().positive().max(2_000)).describe(
    'Of one of its fans, at full speed with nothing in its way.',
  ),
  fanPressurePascals: maybe(z.number().positive().max(2_000)).describe(
    'Of one of its fans, at full speed with its outlet closed.',
  ),
  frontOpening: maybe(z.enum(['mesh', 'drilled', 'closed'])).describe(
    'How air comes in at its front: closed for a padded door, or a plate with slits beside it.',
  ),
  frontFilter: maybe(z.boolean()).describe('Whether a filter lies before its front opening.'),
  boardStands: maybe(z.enum(['flat', 'upright'])).describe(
    'How its board stands; null is read as upright in a tower.',
  ),
  boardAt: maybe(spot).describe(
    'Rear left corner, from the front and from the left as seen from above; where the board stands upright, from the top as seen from the side.',
  ),
  supplyAt: maybe(spot),
  fanPlaces: maybe(z.array(fanPlace).max(16)).describe(
    'Where fans are or can be, those that come with it first; null is drawn as in most such cases.',
  ),
  insides: maybe(z.array(insideSheet).max(24)).describe(
    'What comes in it, for a machine that is sold whole; null is read as nothing.',
  ),
})

export type ChassisSheet = z.infer<typeof chassisSheet>

export const chassisKind: PartKindDefinition<ChassisSheet> = {
  schema: chassisSheet,
  words: { one: 'chassis', many: 'chassis' },
  chosenIn: [{ step: 'shell', title: 'Chassis', noun: 'chassis' }],
  count: 'one',
  stands: 'inside',
  needs: ({ fanCount }) => (fanCount === 0 ? none() : [{ kind: 'fan header', count: fanCount }]),
  offers: ({ bayBlocks, openings525 }) => [
    ...bayBlocks.map(({ leftMm, topMm, ...block }) => ({
      kind: 'bay' as const,
      ...block,
      at: { leftMm, topMm },
    })),
    ...(openings525 ?? []).map((at) => ({ kind: 'opening' as const, ...at })),
  ],
  draws: steady('fansIdleWatts'),
  permitsDeepIdle: permitsAlways,
  // A case without fans of its own makes no sound, whatever else its data sheet leaves open.
  decibels: ({ fanCount, fansNoiseDecibels }) => (fanCount === 0 ? 'silent' : fansNoiseDecibels),
  highlights: ({ widthMm, heightMm, depthMm, bayBlocks, form, insides }, format) => [
    insides && insides.length > 0 ? 'sold whole' : null,
    form,
    format.counted(
      bayBlocks.reduce((sum, { rows, columns }) => sum + rows * columns, 0),
      'bay',
    ),
    `${widthMm} × ${heightMm} × ${depthMm} mm`,
  ],
}
