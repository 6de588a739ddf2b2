import { sharedPlace } from '../../catalogue/kinds/board'
import { type Machine, pieceOf } from '../machine'

/**
 * Which slots of the board stay free for a later card, counted from 1?
 *
 * A slot that a riser stands in is taken; one that goes dead beside what is used is no use to anybody.
 *
 * @returns null without a board, or when its slots are not known
 */
export function freeSlots(machine: Machine): number[] | null {
  const board = pieceOf(machine, 'board')?.dataSheet
  if (!board?.slots) return null
  const isUsed = (kind: 'slot' | 'M.2', number: number): boolean =>
    machine.placement.placed.some(
      ({ root, on }) => root.kind === kind && root.number === number && on.kind === kind,
    )
  const isDead = (slot: number): boolean =>
    (board.sharing ?? []).some((rule) => {
      const [inUse, loses] = [sharedPlace(rule.inUse), sharedPlace(rule.loses)]
      const isThis = loses.kind === 'slot' && loses.number === slot
      return isThis && rule.lanesLeft === 0 && isUsed(inUse.kind, inUse.number)
    })
  return board.slots.flatMap((_, index) =>
    isUsed('slot', index + 1) || isDead(index + 1) ? [] : [index + 1],
  )
}
