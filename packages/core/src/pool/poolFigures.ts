import type { Design } from '../design/design'
import { driveBytes } from '../design/driveBytes'
import type { Machine } from '../machine/machine'
import { type CapacityFigure, designCapacity } from './designCapacity'
import { designSurvival, type SurvivalFigure } from './survival/designSurvival'

/** What the pools of a design hold and survive, for those who ask for nothing else. */
export function poolFigures(
  design: Design,
  machine: Pick<Machine, 'awayIds' | 'rebuildingIds'>,
): { capacity: CapacityFigure; survival: SurvivalFigure } {
  const bytesOf = driveBytes(design)
  return {
    capacity: designCapacity(design, bytesOf, machine),
    survival: designSurvival(design, bytesOf, machine),
  }
}
