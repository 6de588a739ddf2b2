import { z } from 'zod'
import { askedPrice } from './askedPrice'
import type { CataloguePart, PartKind } from './partKinds'
import { type SheetColumn, columnsOf, sheetColumns } from './sheetColumns'
import { maybe } from './sheetFields'

const PRICE_COLUMNS = columnsOf(z.strictObject({ price: maybe(askedPrice) }))

/** Maker and model stand first; files have always had the price behind them. */
const BEFORE_PRICE = 2

/** Every value of a part of a kind, in the order of its file: those of its data sheet, and what is asked for it. */
export function partColumns(kind: PartKind): SheetColumn[] {
  const columns = sheetColumns(kind)
  return [...columns.slice(0, BEFORE_PRICE), ...PRICE_COLUMNS, ...columns.slice(BEFORE_PRICE)]
}

/** A part with its values side by side, as its columns name them. */
export const partValues = ({ sheet, price }: Pick<CataloguePart, 'sheet' | 'price'>): object => ({
  ...sheet,
  price,
})
