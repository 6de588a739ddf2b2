import type { SeenMachine, SmartReading } from './collected/seenMachine'
import type { SeenPair } from './seenAgainstFitted'
import type { DriveErrors } from './tracing/traceFault'

/**
 * Errors of each drive of the design that the machine tells of: on the way to it (CRC of its interface, checksums of
 * the pool), and on its platters or cells (sectors waiting or unreadable).
 *
 * @param before readings of the same drives from before, by their serial number; what they had already does not count
 */
export function errorsSeen(
  pairs: readonly Pick<SeenPair, 'driveId' | 'seen'>[],
  { members }: Pick<SeenMachine, 'members'>,
  before: ReadonlyMap<string, SmartReading> = new Map(),
): DriveErrors[] {
  return pairs.flatMap(({ driveId, seen: { device, serial, smart } }): DriveErrors[] => {
    const old = before.get(serial ?? '')
    const more = (name: 'interfaceErrors' | 'pending' | 'uncorrectable'): number =>
      Math.max(0, (smart?.[name] ?? 0) - (old?.[name] ?? 0))
    const inPool = members.filter(
      ({ name }) => name === device || (serial !== null && name.includes(serial)),
    )
    const checksums = inPool.reduce((sum, one) => sum + one.checksumErrors, 0)
    const errors: DriveErrors[] = [
      { driveId, kind: 'interface', count: more('interfaceErrors') + checksums },
      { driveId, kind: 'medium', count: more('pending') + more('uncorrectable') },
    ]
    return errors.filter(({ count }) => count > 0)
  })
}
