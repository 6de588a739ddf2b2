import { kindOf, type PartKind, type PartSheet, type SheetOf } from '../catalogue/partKinds'
import type { Design, FittedPart } from './design'
import { bayIdOf } from './pathChoices'

/** A piece together with its data sheet. */
export interface FittedWithSheet<Kind extends PartKind> {
  part: FittedPart
  sheet: SheetOf<Kind>
}

/** Every piece with its data sheet, in the order it was added. */
export function fittedWithSheets({
  fitted,
  snapshots,
}: Pick<Design, 'fitted' | 'snapshots'>): FittedWithSheet<PartKind>[] {
  const sheets = new Map(snapshots.map(({ id, sheet }) => [id, sheet]))
  return fitted.flatMap((part) => {
    const sheet = sheets.get(part.snapshotId)
    return sheet ? [{ part, sheet }] : []
  })
}

/** Every piece of one kind with its data sheet, in the order it was added. */
export function fittedOfKind<Kind extends PartKind>(
  design: Pick<Design, 'fitted' | 'snapshots'>,
  kind: Kind,
): FittedWithSheet<Kind>[] {
  // That the kind of these sheets is the one asked for is what the filter is about.
  return fittedWithSheets(design).filter(
    ({ sheet }) => sheet.kind === kind,
  ) as unknown as FittedWithSheet<Kind>[]
}

/** The bays that a piece has by its data sheet; none for most. */
export function bayIdsOf(pieceId: string, sheet: PartSheet): string[] {
  const bays = kindOf(sheet)
    .offers(sheet)
    .reduce((sum, offer) => sum + (offer.kind === 'bay' ? offer.rows * offer.columns : 0), 0)
  return Array.from({ length: bays }, (_, index) => bayIdOf(pieceId, index + 1))
}

/** The first piece of a kind of which a machine mostly has one. */
export function fittedOne<Kind extends PartKind>(
  design: Pick<Design, 'fitted' | 'snapshots'>,
  kind: Kind,
): FittedWithSheet<Kind> | undefined {
  return fittedOfKind(design, kind)[0]
}
