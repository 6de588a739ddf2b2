import { DRIVE_OUTLINES } from '@flint/core/drawing'
import type { SheetOf } from '@flint/core/editing'
import { type Machine, pieceOf, piecesOf } from '@flint/core/figures'
import type { Arrangement } from './arrangement'
import { format } from '../controls/locale'
import { type BayStack, drivesText } from './bayStacks'
import type { Detail } from './detail'

/** For the drawing only, where no data sheet says where its fans are. */
const FAN = { thickMm: 25, fromDrivesMm: 14, airMm: 14 }
/** Sizes that fans are made in. Common practice, no source. */
const FAN_SIZES_MM = [140, 120, 92, 80, 60, 40]
const BACKPLANE_MM = 4
/** Its fan as a share of the shorter side, and where along it; more leads than this find no room. For the drawing only. */
const SUPPLY = { fanShare: 0.3, fanAt: 0.58, mostLeads: 8 }

/** Drives lying over each other are told by the edges of those beneath. */
const EDGE_MM = 3
const MOST_EDGES = 3

/** The drives in their bays, with the hatch of their group, and the backplane behind them. */
export function driveDetails(stacks: readonly BayStack[]): Detail[] {
  return stacks.flatMap(({ id, frontMm, acrossMm, widthMm, drives, bays, block }): Detail[] => {
    const { lengthMm } = DRIVE_OUTLINES[block.formFactor]
    const hatches = [...new Set(drives.map(({ hatch }) => hatch))].filter((one) => one !== null)
    const edges = Math.min(MOST_EDGES, Math.max(0, drives.length - 1))
    const words = drives.length === 0 ? 'empty' : drivesText(drives, format.drive, ', ')
    const behind = Array.from({ length: edges }, (_, edge): Detail => ({
      shape: 'line',
      id: `${id} edge ${edge}`,
      points: [
        { x: frontMm + lengthMm - (edge + 1) * EDGE_MM, y: acrossMm + 1 },
        { x: frontMm + lengthMm - (edge + 1) * EDGE_MM, y: acrossMm + widthMm - 1 },
      ],
      look: 'fin',
      words: '',
    }))
    return [
      {
        shape: 'rect',
        id,
        x: frontMm,
        y: acrossMm,
        width: lengthMm,
        height: widthMm,
        look: drives.length === 0 ? 'empty' : 'part',
        words: bays === 1 ? words : `${bays} bays: ${words}`,
      },
      ...hatches.map((hatch, index): Detail => ({
        shape: 'rect',
        id: `${id} group ${hatch}`,
        x: frontMm + 2,
        y: acrossMm + 2 + (index * (widthMm - 4)) / hatches.length,
        width: 9,
        height: (widthMm - 4) / hatches.length,
        look: 'part',
        words: '',
        hatch,
      })),
      ...behind,
      ...(block.backplane
        ? [
            {
              shape: 'rect' as const,
              id: `${id} backplane`,
              x: frontMm + lengthMm + 5,
              y: acrossMm,
              width: BACKPLANE_MM,
              height: widthMm,
              look: 'metal' as const,
              words: 'backplane',
            },
          ]
        : []),
    ]
  })
}

/** What a fan of the design is called: those of the case first, then those that are added. */
interface NamedFan {
  name: string
  isOwn: boolean
  /** Null for what the case does not say of its own. */
  sizeMm: number | null
}

function fansOf(machine: Machine): NamedFan[] {
  const own = pieceOf(machine, 'chassis')?.dataSheet.fanCount ?? 0
  return [
    ...Array.from({ length: own }, () => ({
      name: 'fan of the case',
      isOwn: true,
      sizeMm: null,
    })),
    ...piecesOf(machine, 'fan').map(({ dataSheet }) => ({
      name: dataSheet.model,
      isOwn: false,
      sizeMm: dataSheet.sizeMm,
    })),
  ]
}

/**
 * The fans with the way of the air: where the data sheet of the case puts them, else between drives and board, the
 * largest that its height allows.
 *
 * None where there is no room for them: then nobody knows where they are. Places without a fan are drawn empty.
 */
export function fanDetails(
  machine: Machine,
  { plane, acrossMm, board, depthMm }: Arrangement,
  stacks: readonly BayStack[],
): Detail[] {
  const chassis = pieceOf(machine, 'chassis')?.dataSheet
  const fans = fansOf(machine)
  const count = fans.length
  if (!chassis) return []
  if (chassis.fanPlaces) {
    return chassis.fanPlaces.flatMap((place, index) =>
      fanAt(place, fans[index], `fan ${index + 1}`, { plane, acrossMm, depthMm }),
    )
  }
  if (count === 0) return []
  const highMm = plane === 'flat' ? chassis.heightMm : chassis.widthMm
  const behind = Math.max(
    0,
    ...stacks.map(({ frontMm, block }) => frontMm + DRIVE_OUTLINES[block.formFactor].lengthMm),
  )
  const frontMm = behind + FAN.fromDrivesMm
  const endMm = board ? board.frontMm : depthMm
  if (frontMm + FAN.thickMm > endMm) return []
  const roomEach = acrossMm / count
  const sizeMm = FAN_SIZES_MM.find((size) => size <= highMm && size <= roomEach - 2)
  if (sizeMm === undefined) return []
  return fans.flatMap(({ name, isOwn, sizeMm: given }, index): Detail[] => {
    const middle = roomEach * (index + 0.5)
    const size = Math.min(sizeMm, given ?? sizeMm)
    const [x, y] = [frontMm + FAN.thickMm / 2, middle]
    const id = `fan ${index + 1}`
    return [
      {
        shape: 'rect',
        id,
        x: frontMm,
        y: middle - size / 2,
        width: FAN.thickMm,
        height: size,
        look: isOwn ? 'empty' : 'part',
        words: `${name}; where it is, is assumed`,
      },
      { shape: 'circle', id: `${id} hub`, x, y, radius: 4, look: 'metal', words: '' },
      {
        shape: 'line',
        id: `${id} air`,
        points:
          chassis.airflow === 'side to side'
            ? arrow(x, middle + size / 4, 0, FAN.airMm)
            : chassis.airflow === 'bottom to top' && plane === 'upright'
              ? arrow(x, middle + size / 4, 0, -FAN.airMm)
              : arrow(x, middle + size / 4, FAN.airMm, 0),
        look: 'air',
        words: '',
      },
    ]
  })
}

type FanPlace = NonNullable<SheetOf<'chassis'>['fanPlaces']>[number]

/** Walls that are seen as edges of the drawing, and the way out of the case there; the others are seen from their face. */
const EDGES: Record<Arrangement['plane'], Partial<Record<FanPlace['wall'], [number, number]>>> = {
  flat: { front: [-1, 0], rear: [1, 0], left: [0, -1], right: [0, 1] },
  upright: { front: [-1, 0], rear: [1, 0], top: [0, -1], bottom: [0, 1] },
}

/** A fan where the data sheet of the case puts it, or an empty place for one. */
function fanAt(
  { wall, alongMm, insideMm, sizeMm, blows, filtered }: FanPlace,
  fan: NamedFan | undefined,
  id: string,
  { plane, acrossMm, depthMm }: Pick<Arrangement, 'plane' | 'acrossMm' | 'depthMm'>,
): Detail[] {
  const where = `${wall === 'inside' ? 'inside' : `${wall} wall`}${filtered ? ', behind a filter' : ''}`
  const words = fan ? `${fan.name}, ${where}` : `place for a fan of ${sizeMm} mm, ${where}`
  const look = fan && !fan.isOwn ? 'part' : 'empty'
  const size = Math.min(sizeMm, fan?.sizeMm ?? sizeMm)
  const out = wall === 'inside' ? ([1, 0] as const) : EDGES[plane][wall]
  if (!out) {
    // Seen from its face it lies in the middle of the case.
    const middle = { x: alongMm, y: acrossMm / 2 }
    return [
      { shape: 'circle', id, ...middle, radius: size / 2, look, words },
      { shape: 'circle', id: `${id} hub`, ...middle, radius: 4, look: 'metal', words: '' },
    ]
  }
  const [right, down] = out
  const isAcross = right !== 0
  const atMm =
    wall === 'inside'
      ? (insideMm ?? depthMm / 2)
      : right + down < 0
        ? 0
        : (isAcross ? depthMm : acrossMm) - FAN.thickMm
  const corner = isAcross ? { x: atMm, y: alongMm - size / 2 } : { x: alongMm - size / 2, y: atMm }
  const [width, height] = isAcross ? [FAN.thickMm, size] : [size, FAN.thickMm]
  const [x, y] = [corner.x + width / 2, corner.y + height / 2]
  const way = (blows === 'out' ? 1 : -1) * FAN.airMm
  const air = isAcross
    ? arrow(x, y + size / 4, right * way, 0)
    : arrow(x + size / 4, y, 0, down * way)
  return [
    { shape: 'rect', id, ...corner, width, height, look, words },
    { shape: 'circle', id: `${id} hub`, x, y, radius: 4, look: 'metal', words: '' },
    ...(fan
      ? [{ shape: 'line' as const, id: `${id} air`, points: air, look: 'air' as const, words: '' }]
      : []),
  ]
}

/** An arrow's line with its head, from a point on. */
function arrow(x: number, y: number, right: number, down: number): { x: number; y: number }[] {
  const [endX, endY] = [x + right / 2, y + down / 2]
  const head = 3
  const [backX, backY] = [endX - head * Math.sign(right), endY - head * Math.sign(down)]
  const [sideX, sideY] = right === 0 ? [head, 0] : [0, head]
  return [
    { x: x - right / 2, y: y - down / 2 },
    { x: endX, y: endY },
    { x: backX - sideX, y: backY - sideY },
    { x: endX, y: endY },
    { x: backX + sideX, y: backY + sideY },
  ]
}

/** What is seen of the supply: its fan, the plugs of its leads, and the socket for the mains. */
export function supplyDetails(machine: Machine, { supply }: Arrangement): Detail[] {
  const piece = pieceOf(machine, 'supply')
  if (!piece || !supply) return []
  const { frontMm, acrossMm, depthMm, widthMm } = supply
  const { sataLeads, peripheralLeads, modules } = piece.dataSheet
  const leads = Math.min(SUPPLY.mostLeads, (sataLeads ?? 0) + (peripheralLeads ?? 0))
  const radius = Math.min(widthMm, depthMm) * SUPPLY.fanShare
  const [x, y] = [frontMm + depthMm * SUPPLY.fanAt, acrossMm + widthMm / 2]
  const step = widthMm / (leads + 1)
  const inlets = modules ?? 1
  return [
    { shape: 'circle', id: 'supply fan', x, y, radius, look: 'part', words: '' },
    {
      shape: 'circle',
      id: 'supply hub',
      x,
      y,
      radius: radius * SUPPLY.fanShare,
      look: 'metal',
      words: '',
    },
    ...Array.from({ length: leads }, (_, lead): Detail => {
      const side = acrossMm + step * (lead + 1)
      return {
        shape: 'rect',
        id: `supply lead ${lead}`,
        x: frontMm,
        y: side - 3,
        width: 7,
        height: 6,
        look: 'plug',
        words: `lead ${lead + 1} of the supply`,
      }
    }),
    ...Array.from({ length: inlets }, (_, inlet): Detail => {
      const side = acrossMm + (widthMm / (inlets + 1)) * (inlet + 1)
      return {
        shape: 'rect',
        id: `mains ${inlet}`,
        x: frontMm + depthMm - 5,
        y: side - 9,
        width: 5,
        height: 18,
        look: 'plug',
        words: 'socket for the mains',
      }
    }),
  ]
}
