import type { Need, SlotNeed } from './needs'
import type { PowerPlug } from './plugs'

/** What the sheet of every card has. */
interface CardSheet {
  lanes: SlotNeed['lanes']
  pcieGeneration: SlotNeed['pcieGeneration']
  lengthMm: SlotNeed['lengthMm']
  bracket: SlotNeed['bracket']
  powerPlug: PowerPlug | 'none' | null
}

/** The slot that a card wants, and what it moves through it. */
export function cardNeed(
  { lanes, pcieGeneration, lengthMm, bracket }: CardSheet,
  moves: SlotNeed['moves'],
  needsSplit: boolean | null = false,
): SlotNeed {
  return { kind: 'slot', lanes, pcieGeneration, lengthMm, bracket, moves, needsSplit }
}

/** The power plug that a card wants of its own; most want none, and one that does not say counts as such. */
export function cardPower({ powerPlug }: Pick<CardSheet, 'powerPlug'>): Need[] {
  return powerPlug === null || powerPlug === 'none' ? [] : [{ kind: 'power plug', plug: powerPlug }]
}
