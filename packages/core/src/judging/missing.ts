import type { PartKind, SheetOf } from '../catalogue/partKinds'
import type { Missing } from '../units/amount'

/** A field of any kind's data sheet. */
type SheetField = { [Kind in PartKind]: keyof SheetOf<Kind> }[PartKind]

/** Values that a piece's data sheet lacks. */
export function missingOf({ id }: { id: string }, ...fields: readonly SheetField[]): Missing[] {
  return fields.map((field) => ({ pieceId: id, field }))
}
