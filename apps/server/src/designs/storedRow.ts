import type { StoredDesign } from '@flint/contract'
import { parseDesign } from '@flint/core/editing'
import { HttpProblem } from '../http/problems'
import type { DesignRevisionEntity } from './designEntity'

/** What is read of a stored version, whichever table it is from. */
export type StoredRow = Pick<
  DesignRevisionEntity,
  'designId' | 'revision' | 'savedAt' | 'document' | 'checkedBy'
>

/**
 * A stored version as today's document: one that an older Flint Shelf saved is brought up to date as it is read,
 * and what it never said is not known. What this build has read once is as it should be, and is not read again.
 *
 * @throws HttpProblem 422 for one that cannot be read
 */
export function readStored(
  { designId: id, revision, savedAt, document, checkedBy }: StoredRow,
  build: string,
): StoredDesign {
  if (checkedBy === build) return { id, revision, savedAt: savedAt.toISOString(), document }
  const parsed = parseDesign(document)
  if ('design' in parsed) {
    return { id, revision, savedAt: savedAt.toISOString(), document: parsed.design }
  }
  const why = parsed.problems[0]?.sentence ?? ''
  throw new HttpProblem(422, 'Not readable', `${nameSaid(document)} cannot be read. ${why}`)
}

/** The same for taking along: one that cannot be read as it is stored. */
export function storedDocument(
  { document, checkedBy }: Pick<StoredRow, 'document' | 'checkedBy'>,
  build: string,
): unknown {
  if (checkedBy === build) return document
  const parsed = parseDesign(document)
  return 'design' in parsed ? parsed.design : document
}

/** The name of a document, as far as it can be told. */
export function nameSaid(document: unknown): string {
  const { name } = (document ?? {}) as { name?: unknown }
  return typeof name === 'string' && name !== '' ? name : 'A design without a name'
}
