/**
 * How often does a whole divisor go into a whole number?
 *
 * Dividing and flooring is exact here, although large quotients are rounded: a quotient that is not
 * whole lies at least 1/divisor below the next whole number, and below 2^53 the rounding of a division
 * is always less than that.
 *
 * @param dividend whole number, 0 to 2^53 − 1
 * @param divisor whole number, 1 to 2^53 − 1
 * @returns ⌊dividend / divisor⌋, exact
 * @example floorDivide(131072, 336) // 390
 */
export function floorDivide(dividend: number, divisor: number): number {
  return Math.floor(dividend / divisor)
}
