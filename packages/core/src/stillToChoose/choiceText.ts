import { partKinds } from '../catalogue/partKinds'
import type { ChoiceNeeded, OpenChoice } from '../judging/choiceNeeded'
import type { Formatter } from '../units/formatter'

const NOUNS: Record<ChoiceNeeded, { one: string; many: string }> = {
  chassis: { one: 'case', many: 'cases' },
  rails: { one: 'rails for the rack', many: 'rails for the rack' },
  trays: { one: 'drive tray', many: 'drive trays' },
  supply: partKinds.supply.words,
  board: partKinds.board.words,
  cpu: partKinds.cpu.words,
  cooler: partKinds.cooler.words,
  memory: { one: 'memory', many: 'memory' },
  boot: partKinds.boot.words,
  drives: { one: 'drives', many: 'drives' },
  layout: { one: 'layout of the drives', many: 'layouts' },
  cables: { one: 'cable', many: 'cables' },
  adapters: { one: 'power adapter', many: 'power adapters' },
}

/**
 * What is still to be chosen, in words.
 * @example choiceText({ choice: 'trays', count: 4, which: null }, format) // '4 drive trays'
 */
export function choiceText(
  { choice, count, which }: Pick<OpenChoice, 'choice' | 'count' | 'which'>,
  format: Formatter,
): string {
  const { one, many } = NOUNS[choice]
  const text = count === 1 ? one : `${format.number(count)} ${many}`
  return which === null ? text : `${text}: ${which}`
}
