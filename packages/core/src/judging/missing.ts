import type { PartKind, SheetOf } from '../catalogue/partKinds'
import type { Missing } from '../units/amount'

/** A field of any kind's data sheet. */
type SheetField = { [Kind in PartKind]: keyof SheetOf<Kind> }[PartKind]

/** Values of a piece's data sheet that are known to be missing. */
export function missingOf({ id }: { id: string }, ...fields: readonly SheetField[]): Missing[] {
  return fields.map((field) => ({ pieceId: id, field }))
}

/** Those of some fields that a piece's data sheet does not give. */
export function lacking<Sheet extends object>(
  { id, dataSheet }: { id: string; dataSheet: Sheet },
  ...fields: readonly (keyof Sheet & SheetField)[]
): Missing[] {
  return missingOf({ id }, ...fields.filter((field) => dataSheet[field] === null))
}
