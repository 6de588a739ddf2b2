import { sheetName } from '../catalogue/sheetName'
import type { PartSheet } from '../catalogue/partKinds'
import { wattsOf } from '../catalogue/wattsOf'
import type { Design } from '../design/design'
import type { PieceId } from '../machine/piece'

/** What was fitted in the place of what was planned, and what that changes; null where either is not known. */
export interface InsteadOfPlan {
  pieceId: PieceId
  plannedName: string
  fittedName: string
  on: string | null
  note: string
  /** Fitted less planned. */
  bytes: number | null
  idleWatts: number | null
  /** What was asked for one, where both were asked in the same currency. */
  priceMinor: { currency: string; minor: number } | null
}

/**
 * Where does the machine differ from what was planned, and by how much?
 *
 * For example 14 TB in a bay for which 12 TB were planned: 2 TB more.
 */
export function insteadOfPlan({
  fitted,
  snapshots,
  bench,
}: Pick<Design, 'fitted' | 'snapshots' | 'bench'>): InsteadOfPlan[] {
  return bench.instead.flatMap(({ pieceId, on, note, planned }): InsteadOfPlan[] => {
    const piece = fitted.find(({ id }) => id === pieceId)
    const now = snapshots.find(({ id }) => id === piece?.snapshotId)
    if (!now) return []
    const { price } = now
    const isSameCurrency = price !== null && price.currency === planned.price?.currency
    return [
      {
        pieceId,
        plannedName: sheetName(planned.sheet),
        fittedName: sheetName(now.sheet),
        on,
        note,
        bytes: difference(bytesOf(now.sheet), bytesOf(planned.sheet)),
        idleWatts: difference(wattsOf(now.sheet, 'idle'), wattsOf(planned.sheet, 'idle')),
        priceMinor:
          isSameCurrency && planned.price
            ? { currency: price.currency, minor: price.unitMinor - planned.price.unitMinor }
            : null,
      },
    ]
  })
}

const difference = (fitted: number | null, planned: number | null): number | null =>
  fitted === null || planned === null ? null : fitted - planned

const bytesOf = (sheet: PartSheet): number | null =>
  sheet.kind === 'drive' || sheet.kind === 'memory' ? sheet.capacityBytes : null
