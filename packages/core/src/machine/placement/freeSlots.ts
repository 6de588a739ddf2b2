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
  const dead = new Set(deadSlots(machine))
  return emptySlots(machine)?.filter((slot) => !dead.has(slot)) ?? null
}

/** Slots of the board with nothing in them that no card would work in, counted from 1. */
export function deadSlots(machine: Machine): number[] {
  const sharing = pieceOf(machine, 'board')?.dataSheet.sharing ?? []
  return (emptySlots(machine) ?? []).filter((slot) =>
    sharing.some((rule) => {
      const [inUse, loses] = [sharedPlace(rule.inUse), sharedPlace(rule.loses)]
      const isThis = loses.kind === 'slot' && loses.number === slot
      return isThis && rule.lanesLeft === 0 && isUsed(machine, inUse.kind, inUse.number)
    }),
  )
}

function emptySlots(machine: Machine): number[] | null {
  const slots = pieceOf(machine, 'board')?.dataSheet.slots
  return (
    slots?.flatMap((_, index) => (isUsed(machine, 'slot', index + 1) ? [] : [index + 1])) ?? null
  )
}

function isUsed({ placement }: Machine, kind: 'slot' | 'M.2', number: number): boolean {
  return placement.placed.some(
    ({ root, on }) => root.kind === kind && root.number === number && on.kind === kind,
  )
}
