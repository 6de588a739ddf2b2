/**
 * How long can the disks behind a fast tier sleep, if only the mover wakes them?
 *
 * New files wait on the tier, so a day has one waking for each time that they are moved: as long as the moving takes,
 * and the minutes until disks stop again. Reading what lies on the disks wakes them too, so it is the most.
 *
 * @param moveSeconds what one moving takes
 * @returns hours of a day, 0 to 24
 * @example hoursAsleep(24, 1800, 30) // 23
 * @example hoursAsleep(0.5, 0, 30) // 0
 */
export function hoursAsleep(
  movedEveryHours: number,
  moveSeconds: number,
  spinDownMinutes: number,
): number {
  const awakeEach = moveSeconds / 3_600 + spinDownMinutes / 60
  return Math.max(0, 24 - (24 / movedEveryHours) * awakeEach)
}
