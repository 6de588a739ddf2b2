/**
 * Outlines that standards fix. Every figure here is from memory; the standard's text was not at hand.
 */

export const BOARD_SIZES = ['Mini-ITX', 'microATX', 'ATX', 'SSI CEB', 'SSI EEB'] as const
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

export const SUPPLY_SHAPES = ['ATX', 'SFX', 'SFX-L', 'TFX', 'Flex', 'CRPS', 'brick'] as const

/** Width of a supply seen from above, for the drawing; a brick stands outside. From memory. */
export const SUPPLY_WIDTHS_MM: Record<(typeof SUPPLY_SHAPES)[number], number> = {
  ATX: 150,
  SFX: 125,
  'SFX-L': 125,
  TFX: 85,
  Flex: 82,
  CRPS: 74,
  brick: 0,
}

/** A 12 V plug for the CPU with eight contacts, four of them carrying. From memory: 7 A a contact. */
export const CPU_PLUG_WATTS = 336
