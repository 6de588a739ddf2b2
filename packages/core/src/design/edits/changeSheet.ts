import { partSheet } from '../../catalogue/partKinds'
import { askedPrice } from '../../catalogue/askedPrice'
import type { Design } from '../design'

const snapshotPrice = askedPrice.nullable()

/**
 * Changes values of a data sheet in this design only; from then on it is the design's own, and the
 * catalogue has no say in it any more. Values that make no valid data sheet change nothing.
 */
export function changeSheet(
  design: Design,
  snapshotId: string,
  change: Record<string, unknown>,
): Design {
  return {
    ...design,
    snapshots: design.snapshots.map((snapshot) => {
      if (snapshot.id !== snapshotId) return snapshot
      // Edits that somebody kept have the price among the fields of the sheet.
      const { price = snapshot.price, ...fields } = change
      const asked = snapshotPrice.safeParse(price)
      const changed = partSheet.safeParse({ ...snapshot.sheet, ...fields })
      if (!changed.success || !asked.success) return snapshot
      return {
        ...snapshot,
        slug: null,
        catalogueVersion: 0,
        sheet: changed.data,
        price: asked.data,
      }
    }),
  }
}
