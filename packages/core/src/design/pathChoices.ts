import { z } from 'zod'
import { DATA_PLUGS, POWER_PLUGS } from '../catalogue/plugs'
import { documentId as id } from './pools/poolFields'

/** A bay belongs to the case, cage or enclosure that has it, and is counted there from 1: `chassis-1/3`. */
export const bayId = z
  .string()
  .regex(/^[a-z0-9]+(-[a-z0-9]+)*\/[1-9][0-9]{0,3}$/)
  .max(66)

/** The bay of a piece with this number. */
export const bayIdOf = (pieceId: string, number: number): string => `${pieceId}/${number}`

/** A plug of a block of bays that share a backplane; block and plug are counted from 1. */
const backplaneEnd = z.strictObject({
  backplane: z.strictObject({
    pieceId: id,
    block: z.int().min(1).max(64),
    plug: z.int().min(1).max(1_000),
  }),
})

/** Where a cable or a lead ends: at the drive of a bay, at a backplane, or at a piece itself. */
export const wiringEnd = z.union([
  z.strictObject({ bay: bayId }),
  backplaneEnd,
  z.strictObject({ piece: id }),
])
export type WiringEnd = z.infer<typeof wiringEnd>

/** Connectors of one kind on one piece; they are counted from 1. */
export const portRef = z.strictObject({
  pieceId: id,
  /** Null where its data sheet does not say. */
  plug: z.enum(DATA_PLUGS).nullable(),
  connector: z.int().min(1).max(1_024),
})
export type PortRef = z.infer<typeof portRef>

/** A lead of a supply, counted from 1 among those with the same plugs. */
export const leadRef = z.strictObject({
  supplyId: id,
  plug: z.enum(POWER_PLUGS),
  number: z.int().min(1).max(1_000),
})
export type LeadRef = z.infer<typeof leadRef>

/** What the builder has fixed about slots, cables and leads; what is not fixed is worked out. */
export const pathChoices = z.strictObject({
  /** Whether members of a group go on different controllers and leads, or stay on one. */
  members: z.enum(['spread', 'together']).default('spread'),
  /** Slots are counted from 1, as on the board. */
  cardPins: z
    .array(z.strictObject({ cardId: id, slot: z.int().min(1).max(12) }))
    .max(32)
    .default([]),
  /** M.2 sockets are counted from 1, as on the board. */
  m2Pins: z
    .array(z.strictObject({ deviceId: id, socket: z.int().min(1).max(8) }))
    .max(32)
    .default([]),
  /** The port that a data cable goes to. */
  portPins: z
    .array(z.strictObject({ end: wiringEnd, port: portRef }))
    .max(1_024)
    .default([]),
  /** The lead that feeds a plug. */
  leadPins: z
    .array(z.strictObject({ end: wiringEnd, lead: leadRef }))
    .max(1_024)
    .default([]),
})

export type PathChoices = z.infer<typeof pathChoices>

/** Nothing fixed. */
export const NO_CHOICES: PathChoices = {
  members: 'spread',
  cardPins: [],
  m2Pins: [],
  portPins: [],
  leadPins: [],
}

/** How many places the builder has fixed. */
export function pinCount({ cardPins, m2Pins, portPins, leadPins }: PathChoices): number {
  return cardPins.length + m2Pins.length + portPins.length + leadPins.length
}

/** Whether nothing is fixed and members go apart, so that leaving the choices out would change nothing. */
export function isFree(choices: PathChoices): boolean {
  return choices.members === 'spread' && pinCount(choices) === 0
}

/** Whether two ends are the same. */
export function sameEnd(one: WiringEnd, other: WiringEnd): boolean {
  if ('bay' in one) return 'bay' in other && one.bay === other.bay
  if ('piece' in one) return 'piece' in other && one.piece === other.piece
  if (!('backplane' in other)) return false
  const { pieceId, block, plug } = one.backplane
  const that = other.backplane
  return pieceId === that.pieceId && block === that.block && plug === that.plug
}

/** Whether two ports are the same. */
export function samePort(one: PortRef, other: PortRef): boolean {
  return (
    one.pieceId === other.pieceId && one.plug === other.plug && one.connector === other.connector
  )
}

/** Whether two leads are the same. */
export function sameLead(one: LeadRef, other: LeadRef): boolean {
  return one.supplyId === other.supplyId && one.plug === other.plug && one.number === other.number
}
