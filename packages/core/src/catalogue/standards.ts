/**
 * Outlines that standards fix. Every figure here is from memory; the standard's text was not at hand.
 */

export const BOARD_SIZES = ['Mini-ITX', 'microATX', 'ATX', 'SSI CEB', 'SSI EEB'] as const
/** Of a board that keeps to no standard; its data sheet gives the outline. */
export const OWN_OUTLINE = 'own outline'
export type BoardSize = (typeof BOARD_SIZES)[number]

/**
 * Largest outline of each board size: along the rear edge with the sockets, and from it to the front.
 * Source: ATX 2.x, microATX 1.2, Mini-ITX 2.0, SSI CEB and SSI EEB specifications (from memory).
 */
export const BOARD_OUTLINES: Record<BoardSize, { widthMm: number; depthMm: number }> = {
  'Mini-ITX': { widthMm: 170, depthMm: 170 },
  microATX: { widthMm: 244, depthMm: 244 },
  ATX: { widthMm: 305, depthMm: 244 },
  'SSI CEB': { widthMm: 305, depthMm: 267 },
  'SSI EEB': { widthMm: 305, depthMm: 330 },
}

/** One rack unit. Source: EIA-310, IEC 60297 (from memory). */
export const RACK_UNIT_MM = 44.45

/** Between the rack's uprights, what a case may be wide. Source: EIA-310 (from memory). */
export const RACK_OPENING_MM = 450

/** Largest outline of a drive. Source: SFF-8301 and SFF-8201 (from memory). */
export const DRIVE_OUTLINES = {
  '3.5': { widthMm: 101.6, lengthMm: 147, heightMm: 26.1 },
  '2.5': { widthMm: 69.85, lengthMm: 100.45, heightMm: 19.05 },
} as const

/** Certificates of efficiency, from the plainest on. */
export const CERTIFICATES = ['plain', 'bronze', 'silver', 'gold', 'platinum', 'titanium'] as const
export type Certificate = (typeof CERTIFICATES)[number]

/** Classes of the average efficiency of external bricks, from the older to the newer. */
export const BRICK_CLASSES = ['V', 'VI', 'VII'] as const
export type BrickClass = (typeof BRICK_CLASSES)[number]

export const SUPPLY_SHAPES = ['ATX', 'SFX', 'SFX-L', 'TFX', 'Flex', 'CRPS', 'brick'] as const

/**
 * Envelope of each shape of supply: its face at the rear, and the length that the shape was made for;
 * stronger ones are often longer. A brick stands outside. Source: the ATX12V, SFX12V, TFX12V and
 * Flex ATX design guides for desktop supplies, the M-CRPS base specification; all from memory.
 */
export const SUPPLY_ENVELOPES: Record<
  (typeof SUPPLY_SHAPES)[number],
  { widthMm: number; heightMm: number; usualLengthMm: number }
> = {
  ATX: { widthMm: 150, heightMm: 86, usualLengthMm: 140 },
  SFX: { widthMm: 125, heightMm: 63.5, usualLengthMm: 100 },
  'SFX-L': { widthMm: 125, heightMm: 63.5, usualLengthMm: 130 },
  TFX: { widthMm: 85, heightMm: 65, usualLengthMm: 175 },
  Flex: { widthMm: 81.5, heightMm: 40.5, usualLengthMm: 150 },
  CRPS: { widthMm: 73.5, heightMm: 40, usualLengthMm: 185 },
  brick: { widthMm: 0, heightMm: 0, usualLengthMm: 0 },
}

/** Face of one wide opening at the front, half height. Source: SFF-8551 (from memory). */
export const OPENING_525 = { widthMm: 146.05, heightMm: 41.53 }

/** One opening for a card at the rear to the next. Source: ATX specification, 0.8 inch (from memory). */
export const CARD_PITCH_MM = 20.32

/** How far a bracket reaches up from the board. Source: PCI Express CEM specification (from memory). */
export const BRACKET_HEIGHT_MM = { full: 120, half: 79.2 } as const

/** Opening for the sockets at the rear of a board. Source: ATX specification (from memory). */
export const REAR_SOCKETS = { widthMm: 158.75, heightMm: 44.45 }

/** A screw hole, along the rear edge from the first column, and forwards from the row at the rear. */
export interface BoardHole {
  alongMm: number
  forwardMm: number
  /** How far off it may be, either way, where memory gives the place only roughly; 0 elsewhere. */
  withinMm: number
}

const ATX_COLUMNS_MM = [0, 124.46, 281.94]

/**
 * Where the screws go, the first column being the one on the side of the cards. A smaller size uses holes
 * of the larger one, which is why it fits the larger one's case. Source: ATX 2.x, microATX 1.2, Mini-ITX
 * 2.0, and SSI CEB, which has the holes of ATX; all from memory. An SSI EEB board is deeper: its two rows
 * at the rear are taken as those of ATX and its third lies near its front edge. Memory gives that row only
 * roughly, so it has a band, is drawn as one, and must be measured before anything is drilled.
 */
export const BOARD_HOLES: Record<BoardSize, readonly BoardHole[]> = {
  ATX: grid(ATX_COLUMNS_MM, [0, 154.94, 227.33]),
  'SSI CEB': grid(ATX_COLUMNS_MM, [0, 154.94, 227.33]),
  'SSI EEB': grid(ATX_COLUMNS_MM, [0, 154.94]).concat(grid(ATX_COLUMNS_MM, [311], 8)),
  microATX: grid([78.74, 281.94], [0, 154.94, 227.33]).concat(grid([124.46], [0, 154.94, 227.33])),
  'Mini-ITX': grid([124.46, 281.94], [0, 154.94]),
}

/**
 * Where that pattern lies on a board: the last column from the edge on the side of the sockets, the first
 * row from the rear edge. Source: ATX specification, 0.25 and 0.4 inch (from memory).
 */
export const HOLES_FROM_EDGE = { alongMm: 6.35, rearMm: 10.16, lastColumnMm: 281.94 }

function grid(along: number[], forward: number[], withinMm = 0): BoardHole[] {
  return along.flatMap((alongMm) => forward.map((forwardMm) => ({ alongMm, forwardMm, withinMm })))
}

/** A 12 V plug for the CPU with eight contacts, four of them carrying. From memory: 7 A a contact. */
export const CPU_PLUG_WATTS = 336
