import type { Machine } from './machine'
import { allNeeds } from './needs'

/**
 * A resolved machine as JSON for other programs: what it is made of and what hangs on what, in lists.
 *
 * Fields are promises to whoever reads them.
 */
export function printedMachine(machine: Machine): Record<string, unknown> {
  const { data, power } = machine.wiring
  const leadOf = new Map(power?.leads.map(({ lead }) => [lead.key, lead.ref]))
  return {
    pieces: [...machine.pieces.values()].map(({ id, kind, dataSheet }) => {
      return { id, kind, maker: dataSheet.maker, model: dataSheet.model }
    }),
    bays: machine.bays.map((bay) => ({ ...bay, driveId: machine.driveIn.get(bay.id) ?? null })),
    placed: allNeeds(machine.placed),
    unplaced: allNeeds(machine.unplaced),
    placement: machine.placement,
    wiring: {
      data,
      power: power && {
        feeds: power.feeds.map(({ end, leadKey, ...feed }) => {
          const { ref, name, plug, driveIds } = end
          return { end: ref, name, plug, driveIds, lead: leadOf.get(leadKey) ?? null, ...feed }
        }),
        leads: power.leads.map(({ lead: { ref, name, plugs, known }, ...load }) => {
          return { lead: ref, name, plugs, known, ...load }
        }),
        rails: power.rails,
        unfed: power.unfed.map(({ ref, name, plug, driveIds }) => {
          return { end: ref, name, plug, driveIds }
        }),
        isBest: power.couldBeBetter === null,
        couldBeBetter: power.couldBeBetter,
      },
    },
    links: machine.links,
    drivePaths: machine.drivePaths,
    networkPaths: machine.networkPaths,
  }
}
