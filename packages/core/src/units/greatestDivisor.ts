/**
 * What is the largest whole number that divides both? Source: Euclid, Elements VII.2.
 * @example greatestDivisor(12, 18) // 6
 */
export function greatestDivisor(one: number, other: number): number {
  return other === 0 ? one : greatestDivisor(other, one % other)
}
