import type { PartKind, SheetColumn } from '@flint/core/editing'
import type { FieldErrors, Resolver } from 'react-hook-form'
import { readTyped, type Texts } from './sheetTexts'

/** What a form holds: the text of each field and where it is from, both by the key of its column. */
export interface TypedSheet {
  texts: Texts
  sources: Texts
}

/** The key of a column in a form, whose library takes a point for a step into a value. */
export const fieldKey = (column: string): string => column.replaceAll('.', '/')

/** Texts by the key of their field. */
export const byKey = (texts: Texts): Texts =>
  Object.fromEntries(Object.entries(texts).map(([name, text]) => [fieldKey(name), text]))

/** Texts by the name of their column, as data sheets have them; empty ones are left out. */
export const byColumn = (texts: Texts): Texts =>
  Object.fromEntries(
    Object.entries(texts).flatMap(([key, text]) =>
      text ? [[key.replaceAll('/', '.'), text] as const] : [],
    ),
  )

/** What is wrong with each field, as the form takes it. */
export const errorsOf = (problems: Texts): FieldErrors<TypedSheet> => ({
  texts: Object.fromEntries(
    Object.entries(problems).map(([name, message]) => [fieldKey(name), { type: 'sheet', message }]),
  ),
})

/** Reads a form as a data sheet, for its library to say what is wrong where. */
export function sheetResolver(
  kind: PartKind,
  columns: readonly SheetColumn[],
): Resolver<TypedSheet> {
  return (typed) => {
    const { part, problems } = readTyped(
      kind,
      columns,
      byColumn(typed.texts),
      byColumn(typed.sources),
    )
    return part ? { values: typed, errors: {} } : { values: {}, errors: errorsOf(problems) }
  }
}
