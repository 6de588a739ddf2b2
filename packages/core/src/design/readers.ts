import { z } from 'zod'
import { shortText } from '../catalogue/sheetFields'
import { documentId as id } from './pools/poolFields'

/** A network port of a piece; the ports of one are counted from 1. */
export const networkPortRef = z.strictObject({ pieceId: id, number: z.int().min(1).max(64) })
export type NetworkPortRef = z.infer<typeof networkPortRef>

/** How the machine of a reader is reached. */
export const READER_WAYS = ['switch', 'direct', 'Wi-Fi'] as const
export type ReaderWay = (typeof READER_WAYS)[number]

/** Somebody, or a machine, that reads and writes over the network, with a link of their own. */
export const reader = z.strictObject({
  id,
  name: shortText,
  way: z.enum(READER_WAYS),
  /** What their own link is sold as; of Wi-Fi what it really carries. Null where nobody has said it. */
  bitsPerSecond: z.number().positive().max(1e12).nullable().default(null),
  /** The port of the machine that they come through; null for the joined ones, or any that is left. */
  port: networkPortRef.nullable().default(null),
  /** The pool that they read from; null for the largest. */
  poolId: id.nullable().default(null),
  /** The rate that they want; null for what the brief says of every reader. */
  wantsBytesPerSecond: z.number().min(0).max(1e12).nullable().default(null),
  /** How long their cable is. */
  metres: z.number().positive().max(10_000).nullable().default(null),
})
export type Reader = z.infer<typeof reader>

/** More readers than a house has. */
export const MOST_READERS = 64

/** A reader of whom only the name is known: whatever is not known holds nothing back. */
export function newReader(id: string, name: string): Reader {
  return {
    id,
    name,
    way: 'switch',
    bitsPerSecond: null,
    port: null,
    poolId: null,
    wantsBytesPerSecond: null,
    metres: null,
  }
}
