import { z } from 'zod'
import { documentId as id } from '../pool/poolFields'

/** What the builder has fixed about slots, cables and leads; what is not fixed is worked out. */
export const pathChoices = z.strictObject({
  /** Whether members of a group go on different controllers and leads, or stay on one. */
  members: z.enum(['spread', 'together']).default('spread'),
  /** Slots are counted from 1, as on the board. */
  cardPins: z
    .array(z.strictObject({ cardId: id, slot: z.int().min(1).max(12) }))
    .max(32)
    .default([]),
  /** A drive bay, a plug of a backplane or an enclosure, and the port its cable goes to, counted from 1. */
  portPins: z
    .array(
      z.strictObject({
        end: z.string().max(60),
        hostId: z.string().max(60),
        connector: z.int().min(1).max(128),
      }),
    )
    .max(1_024)
    .default([]),
  /** A drive bay or a power plug of a backplane, and the lead that feeds it. */
  leadPins: z
    .array(z.strictObject({ end: z.string().max(60), lead: z.string().max(60) }))
    .max(1_024)
    .default([]),
})

export type PathChoices = z.infer<typeof pathChoices>

/** Nothing fixed. */
export const NO_CHOICES: PathChoices = {
  members: 'spread',
  cardPins: [],
  portPins: [],
  leadPins: [],
}

/** Whether nothing is fixed and members go apart, so that leaving the choices out would change nothing. */
export function isFree({ members, cardPins, portPins, leadPins }: PathChoices): boolean {
  return members === 'spread' && cardPins.length + portPins.length + leadPins.length === 0
}
