import type { FilterState } from '../design/air'
import type { SheetOf } from '../catalogue/partKinds'
import type { Band } from '../units/band'

type FrontOpening = NonNullable<SheetOf<'chassis'>['frontOpening']>

/**
 * How much of each face of a case is open for air, as shares of its area. All of them are common practice, no source:
 * nobody publishes drags of cases, so every one is a band. Each is narrow enough that all of them at one end together
 * are still to be met; what a thermometer shows is worth more.
 */
export const AIR_AREAS = {
  front: {
    mesh: { low: 0.32, likely: 0.4, high: 0.5 },
    drilled: { low: 0.1, likely: 0.15, high: 0.21 },
    closed: { low: 0.008, likely: 0.015, high: 0.025 },
  } satisfies Record<FrontOpening, Band>,
  frontNotKnown: { low: 0.05, likely: 0.15, high: 0.35 },
  /** What a filter lets through of the area it lies before. */
  filter: {
    clean: { low: 0.64, likely: 0.7, high: 0.76 },
    half: { low: 0.34, likely: 0.4, high: 0.46 },
    clogged: { low: 0.12, likely: 0.17, high: 0.22 },
  } satisfies Record<FilterState, Band>,
  /** Free between drives, of the area of their faces. */
  betweenDrives: { low: 0.25, likely: 0.3, high: 0.36 },
  /** What a backplane leaves open of that. */
  backplane: { low: 0.36, likely: 0.45, high: 0.54 },
  /** Of the front where no bays are. */
  besideBays: { low: 0.18, likely: 0.14, high: 0.1 },
  rear: { low: 0.08, likely: 0.1, high: 0.13 },
  /** Between drives and board where no fans stand. */
  inside: { low: 0.4, likely: 0.5, high: 0.6 },
  /** Beside fans that stand between drives and board, of the whole section. */
  gap: { low: 0.035, likely: 0.025, high: 0.015 },
  /** What is left of the vents at the rear where something covers them. */
  coveredVents: { low: 0.1, likely: 0.2, high: 0.3 },
  /** Over each half of the case, with its cover off. */
  coverOff: { low: 0.5, likely: 0.4, high: 0.3 },
} as const

/** What goes through a case by itself, since warm air rises, m³/h. Common practice, no source. */
export const STILL_CUBIC_METRES_PER_HOUR: Band = { low: 1.5, likely: 3, high: 6 }

/**
 * What the walls of a case pass on to the room, W/(m²·K): still air on both sides, and radiation. Source: heat transfer
 * handbooks, from memory.
 */
export const WALL_WATTS_PER_SQUARE_METRE_KELVIN: Band = { low: 2.5, likely: 4, high: 5.5 }
