import type { DriveSheet } from '../catalogue/kinds/drive'
import { type CataloguePart, partSheet } from '../catalogue/partKinds'
import { slugOf } from '../catalogue/slugOf'
import type { SeenDrive } from './collected/seenMachine'

/**
 * A drive that the machine sees as a part of one's own: what it says of itself is measured, its form and its plug are
 * taken to be those of the drive in whose place it is, and all else is not known.
 *
 * @returns null where it does not say how large it is
 */
export function partFromSeen(
  { model, bytes, rotates }: Pick<SeenDrive, 'model' | 'bytes' | 'rotates'>,
  { formFactor, plug, medium }: Pick<DriveSheet, 'formFactor' | 'plug' | 'medium'>,
): CataloguePart | null {
  if (bytes === null) return null
  const sheet = partSheet.safeParse({
    kind: 'drive',
    maker: 'Seen',
    model: (model ?? 'drive').slice(0, MOST_NAME),
    capacityBytes: bytes,
    formFactor,
    plug,
    medium: rotates === null ? medium : rotates ? 'disk' : 'flash',
    sources: {
      capacityBytes: 'measured',
      formFactor: 'assumed',
      plug: 'assumed',
      medium: rotates === null ? 'assumed' : 'measured',
    },
  })
  if (!sheet.success) return null
  return { slug: slugOf(sheet.data), version: 1, sheet: sheet.data, price: null }
}

/** As long as names of models may be. */
const MOST_NAME = 120
