import type { Machine } from '@flint/core/figures'

/** Bays of drives as a person reads them: "bays 1, 2, 3 and 2 more". */
export function bayRangeOf(
  machine: Pick<Machine, 'driveIn' | 'bayById'>,
  driveIds: readonly string[],
): string {
  const numbers = [...machine.driveIn]
    .filter(([, drive]) => driveIds.includes(drive))
    .flatMap(([bay]) => machine.bayById.get(bay)?.number ?? [])
    .sort((one, other) => one - other)
  const [first, last] = [numbers[0], numbers.at(-1)]
  if (first === undefined || last === undefined) return 'no bay'
  if (first === last) return `bay ${first}`
  const isRow = last - first === numbers.length - 1
  return isRow ? `bays ${first} to ${last}` : `bays ${numbers.join(', ')}`
}
