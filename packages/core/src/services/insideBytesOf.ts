/**
 * How large are the stretches of a device, when some of them take what the others leave?
 *
 * @param sizes of each, null for one that takes what is left; several such share it
 * @example insideBytesOf(100, [30, null, null]) // [30, 35, 35]
 */
export function insideBytesOf(capacityBytes: number, sizes: readonly (number | null)[]): number[] {
  const fixed = sizes.reduce<number>((sum, size) => sum + (size ?? 0), 0)
  const open = sizes.filter((size) => size === null).length
  const each = open === 0 ? 0 : Math.max(0, Math.floor((capacityBytes - fixed) / open))
  return sizes.map((size) => size ?? each)
}
