import { directedLinks } from '../directedLinks'
import { sharedUses } from '../sharedUses'
import type { Scenario } from './scenario'

/** Every member of every pool read, all at once. */
export const scrub: Scenario = {
  id: 'scrub',
  title: 'Scrub',
  about: 'Every drive of every pool, or of the chosen one, is read at the same time.',
  asks: { pool: 'all of them' },
  flowsOf: (design, machine, { poolId }) => {
    const { drivePaths } = machine
    const directed = directedLinks(machine.links)
    const members = new Set(
      design.pools
        .filter(({ id }) => poolId === null || id === poolId)
        .flatMap(({ groups }) =>
          groups.flatMap(({ kind, driveIds }) => (kind === 'spare' ? [] : driveIds)),
        ),
    )
    const flows = drivePaths
      .filter(({ driveId }) => members.has(driveId))
      .map(({ driveId, links }) => ({
        id: driveId,
        uses: sharedUses(directed, [{ links, direction: 'in', share: 1 }]),
        mostBytesPerSecond: Infinity,
      }))
    return { flows, surfacesOf: new Map(flows.map(({ id }) => [id, [{ driveId: id, load: 1 }]])) }
  },
}
