import { certain } from '../units/certain'
import type { AnyGroup } from '../design/pools/poolShape'
import type { SizedDrive } from './layoutFamily'

/** The sizes of a group's drives, in their order. */
export function sizesOf(
  { driveIds }: Pick<AnyGroup, 'driveIds'>,
  bytesOf: ReadonlyMap<string, number>,
): number[] {
  return driveIds.map((id) => certain(bytesOf.get(id)))
}

/** What is left over, by drive; those without any are left out. */
export function byDrive(
  driveIds: readonly string[],
  bytes: readonly number[],
): Record<string, number> {
  return Object.fromEntries(
    driveIds.flatMap((id, index) => {
      const left = certain(bytes[index])
      return left > 0 ? [[id, left] as const] : []
    }),
  )
}

/** The drives of a layout, the largest first; equal ones keep their order. */
export function largestFirst(drives: readonly SizedDrive[]): string[] {
  return drives
    .map((drive, index) => ({ ...drive, index }))
    .sort((one, other) => other.capacityBytes - one.capacityBytes || one.index - other.index)
    .map(({ id }) => id)
}
