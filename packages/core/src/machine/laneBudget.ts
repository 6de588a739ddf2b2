import type { BoardPlace } from '../catalogue/kinds/board'
import { sharedPlace } from '../catalogue/kinds/board'
import { type Machine, pieceOf, piecesOf } from './machine'

export interface LaneBudget {
  /** Lanes that each place of the board has from the CPU while all of them are used; dead ones are left out. */
  places: (BoardPlace & { lanes: number })[]
  /** Lanes from the CPU to the chipset; null where the board does not say. */
  chipsetLanes: number | null
  /** Lanes of all CPUs for slots and sockets, without those to the chipset; null where one does not say. */
  cpuLanes: number | null
}

/**
 * Where do the lanes of the CPU go? Of 24, say, 16 to slot 1, 4 to M.2 socket 1 and 4 to the chipset.
 *
 * @returns null without a board, or when its slots are not known
 */
export function laneBudget(machine: Machine): LaneBudget | null {
  const board = pieceOf(machine, 'board')?.dataSheet
  if (!board?.slots) return null
  const lanesLeft = (place: BoardPlace, lanes: number): number =>
    (board.sharing ?? []).reduce((least, rule) => {
      const loses = sharedPlace(rule.loses)
      const isThis = loses.kind === place.kind && loses.number === place.number
      return isThis ? Math.min(least, rule.lanesLeft) : least
    }, lanes)
  const slots = board.slots.flatMap(({ origin, electricalLanes }, index) => {
    const place: BoardPlace = { kind: 'slot', number: index + 1 }
    return origin === 'CPU' ? [{ ...place, lanes: lanesLeft(place, electricalLanes) }] : []
  })
  const sockets = (board.m2Sockets ?? []).flatMap(({ origin, lanes }, index) => {
    const place: BoardPlace = { kind: 'M.2', number: index + 1 }
    return origin === 'CPU' && lanes !== null ? [{ ...place, lanes: lanesLeft(place, lanes) }] : []
  })
  const cpuLanes = piecesOf(machine, 'cpu').map(({ dataSheet }) => dataSheet.pcieLanes)
  return {
    places: [...slots, ...sockets].filter(({ lanes }) => lanes > 0),
    chipsetLanes: board.chipsetLanes,
    cpuLanes:
      cpuLanes.length === 0
        ? null
        : cpuLanes.reduce((sum, lanes) => (sum === null || lanes === null ? null : sum + lanes)),
  }
}
