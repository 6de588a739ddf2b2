import type { Need, SlotNeed } from './needs'
import type { PowerPlug } from './plugs'

/** What the sheet of every card has. */
interface CardSheet {
  bus: SlotNeed['bus']
  lanes: SlotNeed['lanes']
  pcieGeneration: SlotNeed['pcieGeneration']
  lengthMm: SlotNeed['lengthMm']
  bracket: SlotNeed['bracket']
  powerPlug: PowerPlug | 'none' | null
}

/** What the sheet of a card says of PCI Express alone: plain PCI has neither lanes nor generations. */
export const OF_PCI_EXPRESS = {
  lanes: { name: 'bus', is: 'PCIe' },
  pcieGeneration: { name: 'bus', is: 'PCIe' },
} as const

/** The slot that a card wants, and what it moves through it. */
export function cardNeed(
  { bus, lanes, pcieGeneration, lengthMm, bracket }: CardSheet,
  moves: SlotNeed['moves'],
  needsSplit: boolean | null = false,
): SlotNeed {
  // Plain PCI has neither lanes nor generation; it counts as one of each, so that nobody is asked for them.
  const edge = bus === 'PCI' ? { bus, lanes: 1, pcieGeneration: 1 } : { bus, lanes, pcieGeneration }
  return { kind: 'slot', ...edge, lengthMm, bracket, moves, needsSplit }
}

/** The power plug that a card wants of its own; most want none, and one that does not say counts as such. */
export function cardPower({ powerPlug }: Pick<CardSheet, 'powerPlug'>): Need[] {
  return powerPlug === null || powerPlug === 'none' ? [] : [{ kind: 'power plug', plug: powerPlug }]
}
