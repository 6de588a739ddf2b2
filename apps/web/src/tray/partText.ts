import { type PartSheet, sheetText } from '@flint/core/editing'
import { partWords } from './partWords'

/** Everything a part can be found by. */
export function partText(sheet: PartSheet): string {
  return `${sheetText(sheet)} ${partWords(sheet)}`
}

/** The same, gathered once for all parts, so that a key press only compares. */
export function partTexts(parts: readonly { sheet: PartSheet }[]): (sheet: PartSheet) => string {
  const texts = new Map(parts.map(({ sheet }) => [sheet, partText(sheet)]))
  return (sheet) => texts.get(sheet) ?? partText(sheet)
}
