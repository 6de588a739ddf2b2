import { REAR_SOCKETS, CARD_PITCH_MM } from '@flint/core/drawing'
import { type Machine, pieceOf, piecesOf } from '@flint/core/figures'
import type { Arrangement, Lies } from './arrangement'
import type { Detail } from './detail'

/**
 * Where things are on a board: how far from its rear edge, and from the side of its sockets, as shares of its depth
 * and width. No data sheet says so; common practice, no source. For the drawing only.
 */
export const CPU_AT = { rear: 0.55, sockets: 0.26 }
export const CHIPSET_AT = { rear: 0.66, sockets: 0.54 }

/** Sizes as such things have, in millimetres. Common practice, no source; for the drawing only. */
const CPU_MM = 40
const COOLER_MM = 78
const FIN_STEP_MM = 6
const CHIPSET_MM = 34
const MODULE = { lengthMm: 133, pitchesMm: [9.5, 8, 6.5, 5, 3.5], thickMm: 3 }
const SLOT = { fromRearMm: 46, thickMm: 7 }
const M2 = { widthMm: 22, lengthMm: 80 }
const PORT_STEP_MM = 10
/** Of plugs and headers, from the rear to the front and across. */
const PLUG_MM = {
  'fan header': [8, 10],
  'CPU power': [20, 9],
  'main power': [10, 52],
  'USB header': [9, 34],
  'front panel': [6, 22],
  'SATA port': [12, 8],
} as const
/** The socket of a plain PCI slot of 32 bits. Source: PCI Local Bus specification (from memory). */
const PLAIN_PCI_MM = 85
/** Edge of a card by the lanes of its slot. Source: PCI Express CEM specification (from memory). */
const EDGE_MM: Record<number, number> = { 1: 25, 2: 25, 4: 39, 8: 56, 16: 89 }

/** A point of a board, from its rear edge and from the side of its sockets, as the drawing has it. */
export function onBoard(
  { plane, board }: { plane: Arrangement['plane']; board: Lies },
  fromRearMm: number,
  fromSocketsMm: number,
): { x: number; y: number } {
  return {
    x: board.frontMm + board.depthMm - fromRearMm,
    // Seen from the side the sockets are above; seen from above they are at the far end of the rear edge.
    y:
      plane === 'upright'
        ? board.acrossMm + fromSocketsMm
        : board.acrossMm + board.widthMm - fromSocketsMm,
  }
}

/** What is on the board, as a person would sketch it: each thing that its data sheet counts, and what sits in it. */
export function boardDetails(machine: Machine, { plane, board }: Arrangement): Detail[] {
  const piece = pieceOf(machine, 'board')
  if (!board || !piece) return []
  const sheet = piece.dataSheet
  const { depthMm, widthMm } = board
  const details: Detail[] = []
  /** A rectangle by its middle and its extent, from the rear and from the sockets. */
  const box = (
    id: string,
    [rear, sockets]: readonly [number, number],
    [alongMm, acrossMm]: readonly [number, number],
    look: Detail['look'],
    words = '',
    pieceId = piece.id,
  ): void => {
    const [along, across] = [Math.min(alongMm, depthMm), Math.min(acrossMm, widthMm)]
    const { x, y } = onBoard(
      { plane, board },
      within(rear, along / 2, depthMm),
      within(sockets, across / 2, widthMm),
    )
    const corner = { x: x - along / 2, y: y - across / 2 }
    const size = { width: along, height: across }
    details.push({ shape: 'rect', id, ...corner, ...size, look, words, pieceId })
  }

  const socketsMm = Math.min(REAR_SOCKETS.widthMm, widthMm)
  box('sockets', [12, socketsMm / 2], [24, socketsMm - 6], 'metal', 'sockets of the board')
  const given = new Set(sheet.plugPlaces?.map(({ what }) => what))
  sheet.plugPlaces?.forEach(({ what, fromRearMm, fromSocketsMm }, index) => {
    box(`plug ${index + 1}`, [fromRearMm, fromSocketsMm], PLUG_MM[what], 'plug', what)
  })
  if (!given.has('main power')) {
    box('main power', [depthMm - 8, socketsMm + 8], PLUG_MM['main power'], 'plug')
  }
  if (!given.has('CPU power')) box('CPU power', [34, 12], PLUG_MM['CPU power'], 'plug')

  const cpus = cpuPlaces(sheet.cpuSockets ?? 1, depthMm, widthMm)
  memoryPlaces(sheet.memorySlots, cpus, depthMm).forEach((rear, index) => {
    const module = piecesOf(machine, 'memory')[index]
    box(
      `memory ${index + 1}`,
      [rear, 8 + MODULE.lengthMm / 2],
      [MODULE.thickMm, Math.min(MODULE.lengthMm, widthMm - 16)],
      module ? 'filled' : 'empty',
      module ? module.dataSheet.model : `memory slot ${index + 1}, empty`,
      module?.id,
    )
  })
  cpus.forEach(([rear, sockets], index) => {
    const cpu = piecesOf(machine, 'cpu')[index]
    const cooler = piecesOf(machine, 'cooler')[index]
    const words = cpu?.dataSheet.model ?? 'CPU socket, empty'
    const cpuLook = cpu ? 'filled' : 'empty'
    box(`CPU ${index + 1}`, [rear, sockets], [CPU_MM, CPU_MM], cpuLook, words, cpu?.id)
    if (!cooler) return
    const { fins, model } = cooler.dataSheet
    box(`cooler ${index + 1}`, [rear, sockets], [COOLER_MM, COOLER_MM], 'part', model, cooler.id)
    const { x, y } = onBoard({ plane, board }, rear, sockets)
    details.push(...finsOf(`fins ${index + 1}`, x, y, fins))
    details.push({
      shape: 'circle',
      id: `hub ${index + 1}`,
      x,
      y,
      radius: 19,
      look: 'part',
      words: '',
    })
  })
  box(
    'chipset',
    [depthMm * CHIPSET_AT.rear, widthMm * CHIPSET_AT.sockets],
    [CHIPSET_MM, CHIPSET_MM],
    'metal',
    'chipset',
  )
  sheet.slots?.forEach(({ bus, physicalLanes, openEnd }, slot) => {
    const isPlainPci = bus === 'PCI'
    const edge = isPlainPci ? PLAIN_PCI_MM : (EDGE_MM[physicalLanes] ?? 0)
    const width = isPlainPci ? 'plain PCI' : `×${physicalLanes}${openEnd ? ', open end' : ''}`
    box(
      `slot ${slot + 1}`,
      [SLOT.fromRearMm + edge / 2, socketsMm + (slot + 0.5) * CARD_PITCH_MM],
      [edge, SLOT.thickMm],
      'socket',
      `slot ${slot + 1}, ${width}`,
    )
  })
  const inM2 = new Map(
    machine.placed['M.2'].flatMap(({ pieceId, on }) =>
      on.pieceId === piece.id ? [[on.number, pieceId] as const] : [],
    ),
  )
  sheet.m2Sockets?.forEach((_, index) => {
    const device = machine.pieces.get(inM2.get(index + 1) ?? '')
    // The first lies between CPU and cards, the others near the front edge beside the chipset.
    const at: [number, number] =
      index === 0
        ? [70 + M2.lengthMm / 2, socketsMm - 4]
        : [depthMm - 24 - M2.lengthMm / 2, widthMm - 16 - (index - 1) * (M2.widthMm + 5)]
    box(
      `M.2 ${index + 1}`,
      at,
      [M2.lengthMm, M2.widthMm],
      device ? 'filled' : 'empty',
      device ? device.dataSheet.model : `M.2 socket ${index + 1}, empty`,
      device?.id,
    )
  })
  for (let port = 0; port < sheet.sataPorts && !given.has('SATA port'); port += 1) {
    const sockets = widthMm - 10 - port * PORT_STEP_MM
    if (sockets < socketsMm + PLUG_MM['main power'][1] / 2 + 14) break
    box(`SATA ${port + 1}`, [depthMm - 7, sockets], PLUG_MM['SATA port'], 'plug')
  }
  return details
}

/** The middle so far inside that half of its extent has room on both sides. */
const within = (middle: number, half: number, whole: number): number =>
  Math.max(half, Math.min(middle, whole - half))

function cpuPlaces(sockets: number, depthMm: number, widthMm: number): [number, number][] {
  const across = widthMm * CPU_AT.sockets
  if (sockets === 1) return [[depthMm * CPU_AT.rear, across]]
  const step = depthMm / (sockets + 1)
  return Array.from({ length: sockets }, (_, index) => [step * (index + 1), across])
}

/**
 * How far from the rear each memory slot is: beside the CPUs, from the front edge on, as wide apart as there is room.
 */
function memoryPlaces(slots: number, cpus: readonly [number, number][], depthMm: number): number[] {
  const isFree = (rear: number): boolean =>
    cpus.every(([middle]) => Math.abs(rear - middle) > COOLER_MM / 2 + MODULE.thickMm / 2)
  for (const pitchMm of MODULE.pitchesMm) {
    const places: number[] = []
    for (let rear = depthMm - 24; rear > 50 && places.length < slots; rear -= pitchMm) {
      if (isFree(rear)) places.push(rear)
    }
    if (places.length === slots) return places
  }
  return []
}

type Fins = 'front to rear' | 'side to side' | 'downwards' | null

/** Lines of a cooler along the way of the air; none where nobody gives it. */
function finsOf(id: string, x: number, y: number, fins: Fins): Detail[] {
  if (fins === null || fins === 'downwards') return []
  const half = COOLER_MM / 2
  const details: Detail[] = []
  for (let at = -half + FIN_STEP_MM; at < half; at += FIN_STEP_MM) {
    const points =
      fins === 'front to rear'
        ? [
            { x: x - half, y: y + at },
            { x: x + half, y: y + at },
          ]
        : [
            { x: x + at, y: y - half },
            { x: x + at, y: y + half },
          ]
    details.push({ shape: 'line', id: `${id} ${at}`, points, look: 'fin', words: '' })
  }
  return details
}
