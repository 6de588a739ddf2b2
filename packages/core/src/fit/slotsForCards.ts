interface Slot {
  physicalLanes: number
  openEnd: boolean
}

/**
 * Which cards find no slot that takes their edge?
 *
 * A slot takes an edge that is no longer than itself, or any edge when its end is open. Longest edges
 * choose first, and each takes the shortest closed slot it goes into, an open one only when there is
 * none: a slot that takes a card takes every shorter one too, so this leaves as few cards over as any
 * way of placing them. Lanes, generation and which slot throttles what are another question.
 *
 * @param edgeLanes lanes of each card's edge
 * @returns indices of the cards left over
 * @example slotsForCards([{ physicalLanes: 16, openEnd: false }], [8, 4]) // [1]
 */
export function slotsForCards(slots: readonly Slot[], edgeLanes: readonly number[]): number[] {
  const free = [...slots].sort((one, other) => reach(one) - reach(other))
  const byLength = edgeLanes
    .map((lanes, index) => ({ lanes, index }))
    .sort((one, other) => other.lanes - one.lanes || one.index - other.index)
  const left: number[] = []
  for (const { lanes, index } of byLength) {
    const at = free.findIndex((slot) => reach(slot) >= lanes)
    if (at === -1) left.push(index)
    else free.splice(at, 1)
  }
  return left.sort((one, other) => one - other)
}

/** The longest edge a slot takes. */
const reach = ({ physicalLanes, openEnd }: Slot): number => (openEnd ? Infinity : physicalLanes)
