import type { DesignDocument, Group, Pool } from './document'

export interface LetteredGroup {
  letter: string
  index: number
  group: Group
  pool: Pool
}

const kept = new WeakMap<DesignDocument, LetteredGroup[]>()

/**
 * Every group of every pool with the letter it bears on the drawing: A to Z, then AA, AB, …
 * @example letteredGroups(document)[0].letter // 'A'
 */
export function letteredGroups(document: DesignDocument): LetteredGroup[] {
  // Several rules ask the same of one document, which never changes.
  let lettered = kept.get(document)
  if (!lettered) {
    lettered = document.pools
      .flatMap((pool) => pool.groups.map((group) => ({ pool, group })))
      .map(({ pool, group }, index) => ({ letter: letterAt(index), index, group, pool }))
    kept.set(document, lettered)
  }
  return lettered
}

function letterAt(index: number): string {
  const last = String.fromCharCode(65 + (index % 26))
  return index < 26 ? last : letterAt(Math.floor(index / 26) - 1) + last
}
