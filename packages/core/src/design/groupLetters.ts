import type { Group, Pool } from './design'

export interface LetteredGroup {
  letter: string
  index: number
  group: Group
  pool: Pool
}

/**
 * Every group of every pool with its letter on the drawing: A to Z, then AA, AB, …
 * @example letteredGroups({ pools: [{ groups: Array(28).fill({}) }] })[27].letter // 'AB'
 */
export function letteredGroups({ pools }: { pools: readonly Pool[] }): LetteredGroup[] {
  return pools
    .flatMap((pool) => pool.groups.map((group) => ({ pool, group })))
    .map(({ pool, group }, index) => ({ letter: letterAt(index), index, group, pool }))
}

function letterAt(index: number): string {
  const last = String.fromCharCode(65 + (index % 26))
  return index < 26 ? last : letterAt(Math.floor(index / 26) - 1) + last
}
