import { BRACKET_HEIGHT_MM, REAR_SOCKETS, SUPPLY_ENVELOPES } from '@flint/core/drawing'
import { type Machine, pieceOf } from '@flint/core/figures'
import { arrangementOf } from './arrangement'
import { cardsOn } from './cardsOn'

/** Something at the rear, millimetres from its upper left corner as seen from behind. */
export interface RearShape {
  /** For the list; never taken apart. */
  id: string
  /** The piece that it is; null for a free opening. */
  pieceId: string | null
  x: number
  y: number
  width: number
  height: number
  words: string
  /** Whether it reaches beyond the case. */
  tooHigh: boolean
  isEmpty: boolean
  /** Whether no data sheet gives its place. */
  isAssumed: boolean
  /** Sockets on it, from its own upper left corner. */
  sockets: { x: number; y: number; width: number; height: number; words: string }[]
}

/** Between the floor of the case, or the wall beside it, and the board's surface. For the drawing only. */
const BOARD_OVER_FLOOR_MM = 8

/** Sizes of sockets as they have. Common practice, no source; for the drawing only. */
const SOCKETS = {
  network: { width: 14, height: 12 },
  usb: { width: 13, height: 6 },
  display: { width: 15, height: 7 },
  mains: { width: 24, height: 16 },
}
const SOCKET_STEP_MM = 3
/** A supply that ends so near the rear looks out of it. For the drawing only. */
const AT_REAR_MM = 40

interface OverBoard {
  id: string
  pieceId: string | null
  /** From the left, or from the top where the board stands upright. */
  acrossMm: number
  alongMm: number
  highMm: number
  /** How far it begins over the board's surface. */
  fromBoardMm: number
  words: string
  isAssumed: boolean
  sockets: { name: keyof typeof SOCKETS; count: number; words: string }[]
}

/** What is seen from behind: sockets of the board, openings with cards, the supply. Empty without a case. */
export function rearShapes(machine: Machine): RearShape[] {
  const chassis = pieceOf(machine, 'chassis')?.dataSheet
  const arrangement = arrangementOf(machine)
  if (!chassis || !arrangement) return []
  const { plane } = arrangement
  const { widthMm, heightMm } = chassis
  const roomMm = plane === 'flat' ? heightMm : widthMm
  const shapes = overBoard(machine).map((one): RearShape => {
    const { acrossMm, alongMm, highMm, fromBoardMm, sockets, ...rest } = one
    const from = BOARD_OVER_FLOOR_MM + fromBoardMm
    const tooHigh = from + highMm > roomMm
    const { id, pieceId, words, isAssumed } = rest
    const place =
      plane === 'flat'
        ? {
            x: widthMm - acrossMm - alongMm,
            y: heightMm - from - highMm,
            width: alongMm,
            height: highMm,
          }
        : { x: from, y: acrossMm, width: highMm, height: alongMm }
    return {
      id,
      pieceId,
      words,
      isAssumed,
      ...place,
      tooHigh,
      isEmpty: pieceId === null,
      sockets: inRows(sockets, place),
    }
  })
  const supply = supplyShape(machine)
  return supply ? [...shapes, supply] : shapes
}

/** What stands on the board and looks out at the rear. */
function overBoard(machine: Machine): OverBoard[] {
  const chassis = pieceOf(machine, 'chassis')?.dataSheet
  const arrangement = arrangementOf(machine)
  const board = pieceOf(machine, 'board')
  if (!chassis || !board || !arrangement?.board) return []
  const { plane, board: lies } = arrangement
  const alongMm = Math.min(REAR_SOCKETS.widthMm, lies.widthMm)
  const { networkPorts, usbPorts, displayOutput } = board.dataSheet
  const shapes: OverBoard[] = [
    {
      id: board.id,
      pieceId: board.id,
      acrossMm: plane === 'flat' ? lies.acrossMm + lies.widthMm - alongMm : lies.acrossMm,
      alongMm,
      highMm: REAR_SOCKETS.heightMm,
      fromBoardMm: 0,
      words: 'board sockets',
      isAssumed: lies.isAssumed,
      sockets: [
        {
          name: 'network',
          count: (networkPorts ?? []).reduce((sum, { count }) => sum + count, 0),
          words: 'network port',
        },
        { name: 'usb', count: usbPorts ?? 0, words: 'USB port' },
        {
          name: 'display',
          count: displayOutput === null || displayOutput === 'none' ? 0 : 1,
          words: 'display socket',
        },
      ],
    },
  ]
  for (const { slot, leftMm, widthMm, pieceId } of cardsOn(machine, lies)) {
    const card = pieceId === null ? undefined : machine.pieces.get(pieceId)?.dataSheet
    const isTall = card && 'bracket' in card && card.bracket === 'full'
    const bracket = isTall ? 'full' : (chassis.cardHeight ?? 'full')
    const ports = card?.kind === 'nic' ? card.ports : 0
    shapes.push({
      id: `opening ${slot}`,
      pieceId,
      acrossMm: leftMm,
      alongMm: widthMm,
      highMm: BRACKET_HEIGHT_MM[bracket],
      fromBoardMm: 0,
      words: card?.model ?? 'free opening',
      isAssumed: lies.isAssumed,
      sockets: [{ name: 'network', count: ports, words: 'network port' }],
    })
  }
  return shapes
}

function supplyShape(machine: Machine): RearShape | null {
  const chassis = pieceOf(machine, 'chassis')?.dataSheet
  const arrangement = arrangementOf(machine)
  const supply = pieceOf(machine, 'supply')
  if (!chassis || !supply || !arrangement?.supply) return null
  const { frontMm, depthMm } = arrangement.supply
  // One that lies further in front has its socket led to the rear by a cable.
  if (frontMm + depthMm < chassis.depthMm - AT_REAR_MM) return null
  const { plane, supply: lies } = arrangement
  const { widthMm, heightMm } = SUPPLY_ENVELOPES[supply.dataSheet.shape ?? 'ATX']
  const from = BOARD_OVER_FLOOR_MM + (chassis.boardToSupplyMm ?? 0)
  const place =
    plane === 'flat'
      ? { x: chassis.widthMm - lies.acrossMm - widthMm, y: chassis.heightMm - from - heightMm }
      : { x: Math.max(0, (chassis.widthMm - widthMm) / 2), y: lies.acrossMm }
  const size = { width: widthMm, height: heightMm }
  const count = supply.dataSheet.modules ?? 1
  return {
    id: supply.id,
    pieceId: supply.id,
    ...place,
    ...size,
    words: supply.dataSheet.model,
    tooHigh: plane === 'flat' && from + heightMm > chassis.heightMm,
    isEmpty: false,
    isAssumed: lies.isAssumed,
    sockets: inRows([{ name: 'mains', count, words: 'socket for the mains' }], size),
  }
}

/** Sockets side by side in rows from the upper left corner; those that find no room are left out. */
function inRows(
  sockets: OverBoard['sockets'],
  { width, height }: { width: number; height: number },
): RearShape['sockets'] {
  const placed: RearShape['sockets'] = []
  let [x, y, rowMm] = [SOCKET_STEP_MM, SOCKET_STEP_MM, 0]
  for (const { name, count, words } of sockets) {
    const size = SOCKETS[name]
    for (let socket = 0; socket < count; socket += 1) {
      if (x + size.width > width) [x, y, rowMm] = [SOCKET_STEP_MM, y + rowMm + SOCKET_STEP_MM, 0]
      if (x + size.width > width || y + size.height > height) break
      placed.push({ x, y, ...size, words })
      x += size.width + SOCKET_STEP_MM
      rowMm = Math.max(rowMm, size.height)
    }
  }
  return placed
}
