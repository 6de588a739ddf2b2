import type { Machine } from './machine'
import type { PieceId } from './piece'

/**
 * In which order do drives go into groups, so that neighbours share as little as can be?
 *
 * Groups are made of drives that follow each other. Taken bay by bay, a pair sits on one cable and one backplane,
 * and is gone with either. Taken in turn, one of each backplane and there one of each plug, the members of a
 * group are as far apart as the machine lets them be. Drives with a plug of their own go anywhere: which port
 * they get is worked out afterwards.
 *
 * @returns the same drives; those that share nothing keep their order
 * Eight drives on two plugs of four come as 1, 5, 2, 6, 3, 7, 4, 8.
 */
export function spreadDrives<Drive extends { id: PieceId }>(
  drives: readonly Drive[],
  machine: Machine,
): Drive[] {
  const bayOf = new Map([...machine.driveIn].map(([bayId, driveId]) => [driveId, bayId]))
  const blockOf = new Map(
    machine.blocks.flatMap(({ bayIds, backplane, isOutside }, index) =>
      bayIds.map((id) => [id, backplane || isOutside ? `block ${index}` : ''] as const),
    ),
  )
  const plugOf = new Map(
    machine.wiring.data.cables.flatMap(({ ends }) =>
      ends.flatMap(({ key, bayIds }) =>
        bayIds.length > 1 ? bayIds.map((id) => [id, key] as const) : [],
      ),
    ),
  )
  const byPlug = (some: readonly Drive[]): Drive[] =>
    inTurn(split(some, ({ id }) => plugOf.get(bayOf.get(id) ?? '') ?? id))
  return inTurn(split(drives, ({ id }) => blockOf.get(bayOf.get(id) ?? '') ?? '').map(byPlug))
}

/** Lists of what has the same key, in the order in which keys first come. */
function split<T>(all: readonly T[], keyOf: (one: T) => string): T[][] {
  const lists = new Map<string, T[]>()
  for (const one of all) {
    const list = lists.get(keyOf(one))
    if (list) list.push(one)
    else lists.set(keyOf(one), [one])
  }
  return [...lists.values()]
}

/** One of each list in turn, until all are empty. */
function inTurn<T>(lists: readonly (readonly T[])[]): T[] {
  const longest = Math.max(0, ...lists.map(({ length }) => length))
  return Array.from({ length: longest }, (_, at) =>
    lists.flatMap((list) => list.slice(at, at + 1)),
  ).flat()
}
