import type { StoredPart } from '@flint/contract'
import { kindOf, type PartSheet } from '@flint/core/editing'
import { format } from '../controls/locale'

/** One line about a part: "microATX, socket V4, 6 SATA, 3 slots". */
export function partWords(sheet: PartSheet): string {
  return kindOf(sheet)
    .highlights(sheet, format)
    .filter((word) => word !== null)
    .join(', ')
}

/** What a part costs here: nothing while pieces of it are owned. */
export function costWords({
  price,
  ownedPieces,
}: Pick<StoredPart, 'price' | 'ownedPieces'>): string {
  if (ownedPieces > 0) return `${format.number(ownedPieces)} owned`
  return price ? format.roundMoney(price.unitMinor, price.currency) : 'no price'
}
