import { type Brief, type DataKind, dataNowBytes, wantedBytes } from '../design/brief'
import type { Tenants } from '../design/tenants'

/** What a pool has room for, and what is to live there. */
export interface Home {
  poolId: string
  workingBytes: number
  wantedBytes: number
  /** What was placed on it. */
  kinds: DataKind[]
  /** Of today's data, the most that can be there: what was placed on it, and all that is placed nowhere. */
  mostNowBytes: number
}

export interface Housing {
  /** Pools that hold data, with what was placed on each. */
  homes: Home[]
  /** Of the data of the brief at the end of its horizon, what finds room where it is to live. */
  housedBytes: number
  /** The pool that is furthest from holding what was placed on it; null while each holds it. */
  shortPoolId: string | null
}

/**
 * Does all data find room where it is to live?
 *
 * What is placed on a pool has to fit there, however much room others have. What is not placed goes into whatever room
 * is left. Scratch pools have no room for any of it.
 *
 * Two pools of 10 and 4 with 6 placed on the second and 5 on none house 9 of 11: the second is short of 2.
 */
export function housing(
  pools: readonly { poolId: string; workingBytes: number }[],
  brief: Pick<Brief, 'data' | 'horizonYears'>,
  { homes, scratchPoolIds }: Tenants,
): Housing {
  const holding = pools.filter(({ poolId }) => !scratchPoolIds.includes(poolId))
  const holdingIds = new Set(holding.map(({ poolId }) => poolId))
  const homeOf = new Map(
    homes.flatMap(({ kind, poolId }) => (holdingIds.has(poolId) ? [[kind, poolId] as const] : [])),
  )
  // Of what has no home, or one that is gone, the home is undefined.
  const dataOf = (poolId: string | undefined): Brief['data'] =>
    brief.data.filter(({ kind }) => homeOf.get(kind) === poolId)
  const { horizonYears } = brief
  const homeless = dataOf(undefined)
  const filled = holding.map(({ poolId, workingBytes }): Home => {
    const data = dataOf(poolId)
    return {
      poolId,
      workingBytes,
      wantedBytes: wantedBytes({ data, horizonYears }),
      kinds: data.map(({ kind }) => kind),
      mostNowBytes: dataNowBytes({ data: [...data, ...homeless] }),
    }
  })
  const shortOf = ({ workingBytes, wantedBytes: wanted }: Home): number =>
    Math.max(0, wanted - workingBytes)
  const room = filled.reduce(
    (sum, home) => sum + Math.max(0, home.workingBytes - home.wantedBytes),
    0,
  )
  const [shortest] = filled.toSorted((one, other) => shortOf(other) - shortOf(one))
  return {
    homes: filled,
    housedBytes:
      filled.reduce((sum, home) => sum + Math.min(home.workingBytes, home.wantedBytes), 0) +
      Math.min(room, wantedBytes({ data: homeless, horizonYears })),
    shortPoolId: shortest && shortOf(shortest) > 0 ? shortest.poolId : null,
  }
}
