import type { Machine } from './machine'
import type { PieceId } from './piece'

/** The drives that are wired to each host of ports, by the id of the host; those without a drive are not in it. */
export type DrivesOnHosts = ReadonlyMap<string, ReadonlySet<PieceId>>

/** Which drives hang on which ports, whatever cables go there: two that change places on one controller are no change. */
export function drivesOnHosts({ wiring }: Pick<Machine, 'wiring'>): DrivesOnHosts {
  const { cables, ports } = wiring.data
  const hostOf = new Map<string, string>()
  for (const { id, hostId } of cables) hostOf.set(id, hostId)
  const found = new Map<string, Set<PieceId>>()
  for (const { driveId, cableId } of ports) {
    const hostId = hostOf.get(cableId)
    if (hostId === undefined) continue
    const before = found.get(hostId)
    if (before) before.add(driveId)
    else found.set(hostId, new Set([driveId]))
  }
  return found
}
