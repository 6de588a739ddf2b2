import { z } from 'zod'
import { bayId, NO_CHOICES, sameEnd, wiringEnd } from '../pathChoices'
import type { Design } from '../design'
import { documentId as id } from '../pools/poolFields'
import { moveDrive } from './moveDrive'
import { ungroupDrives } from './ungroupDrives'

/** An edit as data, so that it can be sent, kept and told before it is made. */
export const edit = z.discriminatedUnion('do', [
  z.strictObject({ do: z.literal('move-drive'), driveId: id, bay: bayId.nullable() }),
  z.strictObject({ do: z.literal('ungroup-drives'), driveIds: z.array(id).max(1_024) }),
  z.strictObject({
    do: z.literal('drop-pins'),
    /** Whether cards and devices in slots and sockets are let go. */
    places: z.boolean(),
    ports: z.array(wiringEnd).max(1_024),
    leads: z.array(wiringEnd).max(1_024),
  }),
  z.strictObject({ do: z.literal('free-paths') }),
])
export type Edit = z.infer<typeof edit>

/** The design with an edit made. */
export function applyEdit(design: Design, change: Edit): Design {
  switch (change.do) {
    case 'move-drive':
      return moveDrive(design, change.driveId, change.bay)
    case 'ungroup-drives':
      return ungroupDrives(design, change.driveIds)
    case 'free-paths':
      return { ...design, paths: NO_CHOICES }
    case 'drop-pins': {
      const { cardPins, m2Pins, portPins, leadPins } = design.paths
      return {
        ...design,
        paths: {
          ...design.paths,
          cardPins: change.places ? [] : cardPins,
          m2Pins: change.places ? [] : m2Pins,
          portPins: portPins.filter((pin) => !change.ports.some((end) => sameEnd(end, pin.end))),
          leadPins: leadPins.filter((pin) => !change.leads.some((end) => sameEnd(end, pin.end))),
        },
      }
    }
  }
}
