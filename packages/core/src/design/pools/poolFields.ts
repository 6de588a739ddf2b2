import { z } from 'zod'
import { shortText } from '../../catalogue/sheetFields'

/** An id inside a document: `drive-3`, `group-1`. */
export const documentId = z
  .string()
  .regex(/^[a-z0-9]+(-[a-z0-9]+)*$/)
  .max(60)

/** The drives of one group, in their order. */
export const groupMembers = z.array(documentId).min(1).max(255)

/** What every pool has, whatever its family. */
export const poolFields = { id: documentId, name: shortText }

/** A group of one of these kinds. */
export function groupOf<const K extends readonly [string, ...string[]]>(kinds: K) {
  return z.strictObject({ id: documentId, kind: z.enum(kinds), driveIds: groupMembers })
}

/** Bytes that an allocation takes of each of its drives. */
export const pieceBytes = z
  .int()
  .min(1)
  .max(2 ** 50)

/** A column pool with more columns than this is refused. */
export const MOST_COLUMNS = 1_024
