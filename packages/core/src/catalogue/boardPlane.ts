import type { ChassisSheet } from './kinds/chassis'

/** A case so many times as high as it is wide is a tower, whose board stands upright. Common practice, no source. */
const TOWER = 1.3

/**
 * Does the board of a case lie flat, or does it stand upright beside a wall?
 *
 * Places in a case are measured in the plane of its board: seen from above where it lies, from the side where it
 * stands.
 *
 * @returns what the data sheet says; without a word of it upright for a desktop case that is a tower
 * @example boardPlane({ boardStands: null, form: 'desktop', widthMm: 200, heightMm: 440 }) // 'upright'
 */
export function boardPlane({
  boardStands,
  form,
  widthMm,
  heightMm,
}: Pick<ChassisSheet, 'boardStands' | 'form' | 'widthMm' | 'heightMm'>): 'flat' | 'upright' {
  return boardStands ?? (form === 'desktop' && heightMm > TOWER * widthMm ? 'upright' : 'flat')
}
