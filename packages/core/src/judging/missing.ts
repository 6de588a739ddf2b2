import type { PartKind, SheetOf } from '../catalogue/partKinds'
import type { Missing } from '../units/amount'

/** A field of any kind's data sheet. */
type SheetField = { [Kind in PartKind]: keyof SheetOf<Kind> }[PartKind]
/** What may not be known of a piece: a value of its data sheet, or what is asked for it. */
type PieceField = SheetField | 'price'

/** Values of a piece's data sheet that are known to be missing. */
export function missingOf({ id }: { id: string }, ...fields: readonly PieceField[]): Missing[] {
  return fields.map((field) => ({ pieceId: id, field }))
}

/** Those of some fields that a piece's data sheet does not give. */
export function lacking<Sheet extends object>(
  { id, dataSheet }: { id: string; dataSheet: Sheet },
  ...fields: readonly (keyof Sheet & SheetField)[]
): Missing[] {
  return missingOf({ id }, ...fields.filter((field) => dataSheet[field] === null))
}
