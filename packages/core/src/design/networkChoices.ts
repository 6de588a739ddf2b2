import { z } from 'zod'
import { networkPortRef } from './readers'

/**
 * What a network port is for: one of those that are joined to act as one, one with an address of its own, one with
 * a cable straight to another machine, or nothing.
 */
export const PORT_USES = ['joined', 'single', 'direct', 'unused'] as const
export type PortUse = (typeof PORT_USES)[number]

/** A block of addresses as RFC 4632 writes it: `192.168.1.0/24`. */
export const addressBlock = z.string().regex(/^(\d{1,3}\.){3}\d{1,3}\/\d{1,2}$/)

/** What the builder says of the network; what is not said is worked out. */
export const networkChoices = z.strictObject({
  ports: z
    .array(z.strictObject({ port: networkPortRef, use: z.enum(PORT_USES) }))
    .max(256)
    .default([]),
  /** Blocks of addresses that the house uses already; cables straight to a machine stay clear of them. */
  ownBlocks: z.array(addressBlock).max(64).default([]),
})
export type NetworkChoices = z.infer<typeof networkChoices>

/** Nothing said. */
export const NO_NETWORK_CHOICES: NetworkChoices = { ports: [], ownBlocks: [] }
