import type { OpenChoice } from '../judging/choiceNeeded'
import type { UnchosenLine } from '../money/billLine'
import { choiceText } from './choiceText'
import type { Formatter } from '../units/formatter'

/**
 * What will have to be bought and is not chosen yet: cables that the wiring wants, trays and rails that are sold apart,
 * whole parts. They have no price, so whoever sums the bill up says "at least".
 *
 * Cables of two kinds and rails make three lines. The layout of drives costs nothing and is none.
 */
export function linesToChoose(open: readonly OpenChoice[], format: Formatter): UnchosenLine[] {
  return open
    .filter(({ choice }) => choice !== 'layout')
    .map((one) => ({ name: choiceText(one, format), pieces: one.count }))
}
