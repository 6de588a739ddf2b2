import { DRIVE_OUTLINES } from '@flint/core/drawing'
import type { SheetOf } from '@flint/core/editing'
import { casedFans, FAN_SIZES_MM, type FanPlace, type Machine, pieceOf } from '@flint/core/figures'
import type { Arrangement } from './arrangement'
import type { BayStack } from './bayStacks'
import type { Detail } from './detail'

/** For the drawing only, where no data sheet says where its fans are. */
const FAN = { thickMm: 25, fromDrivesMm: 14, airMm: 14 }
const HUB_MM = 4

/** What a fan of the design is called: those of the case first, then those that are added. */
interface NamedFan {
  pieceId: string
  name: string
  isOwn: boolean
  /** Null for what the case does not say of its own. */
  sizeMm: number | null
}

function fansOf(machine: Machine): NamedFan[] {
  return casedFans(machine)
    .fans.filter(({ isSure }) => isSure)
    .map(({ pieceId, isOwn, sizeMm }) => ({
      pieceId,
      name: isOwn ? 'fan of the case' : (machine.pieces.get(pieceId)?.dataSheet.model ?? ''),
      isOwn,
      sizeMm,
    }))
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
  const [right, down] = wayOfAir(chassis.airflow, plane)
  return fans.flatMap((fan, index) => {
    const size = Math.min(sizeMm, fan.sizeMm ?? sizeMm)
    return drawnFan({
      id: `fan ${index + 1}`,
      x: frontMm + FAN.thickMm / 2,
      y: roomEach * (index + 0.5),
      width: FAN.thickMm,
      height: size,
      fan,
      words: `${fan.name}; where it is, is assumed`,
      air: { right: right * FAN.airMm, down: down * FAN.airMm },
    })
  })
}

/** Which way the air of a case goes on the drawing: to the right is from front to rear. */
function wayOfAir(
  airflow: SheetOf<'chassis'>['airflow'],
  plane: Arrangement['plane'],
): readonly [right: number, down: number] {
  if (airflow === 'side to side') return [0, 1]
  return airflow === 'bottom to top' && plane === 'upright' ? [0, -1] : [1, 0]
}

interface DrawnFan {
  id: string
  /** Its middle. */
  x: number
  y: number
  width: number
  height: number
  /** The fan that is there; without one it is a place for one, and moves no air. */
  fan: NamedFan | undefined
  words: string
  air: { right: number; down: number }
}

/** A fan seen from its edge: its frame, its hub, and an arrow beside the hub where the air goes. */
function drawnFan({ id, x, y, width, height, fan, words, air }: DrawnFan): Detail[] {
  const look = fan && !fan.isOwn ? 'part' : 'empty'
  const quarter = Math.max(width, height) / 4
  const [atX, atY] = air.right === 0 && height < width ? [x + quarter, y] : [x, y + quarter]
  const frame: Detail = {
    shape: 'rect',
    id,
    x: x - width / 2,
    y: y - height / 2,
    width,
    height,
    look,
    words,
    ...(fan && { pieceId: fan.pieceId }),
  }
  const hub: Detail = {
    shape: 'circle',
    id: `${id} hub`,
    x,
    y,
    radius: HUB_MM,
    look: 'metal',
    words: '',
  }
  if (!fan) return [frame, hub]
  const points = arrow(atX, atY, air.right, air.down)
  return [frame, hub, { shape: 'line', id: `${id} air`, points, look: 'air', words: '' }]
}

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
  const size = Math.min(sizeMm, fan?.sizeMm ?? sizeMm)
  const out = wall === 'inside' ? ([1, 0] as const) : EDGES[plane][wall]
  if (!out) {
    // Seen from its face it lies in the middle of the case.
    const middle = { x: alongMm, y: acrossMm / 2 }
    const look = fan && !fan.isOwn ? 'part' : 'empty'
    return [
      {
        shape: 'circle',
        id,
        ...middle,
        radius: size / 2,
        look,
        words,
        ...(fan && { pieceId: fan.pieceId }),
      },
      { shape: 'circle', id: `${id} hub`, ...middle, radius: HUB_MM, look: 'metal', words: '' },
    ]
  }
  const [right, down] = out
  const isAcross = right !== 0
  const wallMm = isAcross ? depthMm : acrossMm
  const middleMm =
    wall === 'inside'
      ? (insideMm ?? depthMm / 2) + FAN.thickMm / 2
      : right + down < 0
        ? FAN.thickMm / 2
        : wallMm - FAN.thickMm / 2
  const way = (blows === 'out' ? 1 : -1) * FAN.airMm
  return drawnFan({
    id,
    x: isAcross ? middleMm : alongMm,
    y: isAcross ? alongMm : middleMm,
    width: isAcross ? FAN.thickMm : size,
    height: isAcross ? size : FAN.thickMm,
    fan,
    words,
    air: { right: right * way, down: down * way },
  })
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
