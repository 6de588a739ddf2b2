import { type PartSheet, sheetText } from '@flint/core'
import { partWords } from './partWords'

const kept = new WeakMap<PartSheet, string>()

/** Everything a part can be found by; gathered once for each data sheet, so that a key press only compares. */
export function partText(sheet: PartSheet): string {
  let text = kept.get(sheet)
  if (text === undefined) {
    text = `${sheetText(sheet)} ${partWords(sheet)}`
    kept.set(sheet, text)
  }
  return text
}
