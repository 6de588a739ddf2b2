import { type BoardPlace, sharedPlace } from '../catalogue/kinds/board'
import { type Machine, pieceOf, piecesOf } from './machine'
import { lanesLeft } from './placement/placedLink'

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
  const sharing = (board.sharing ?? []).map((rule) => ({
    inUse: sharedPlace(rule.inUse),
    loses: sharedPlace(rule.loses),
    lanesLeft: rule.lanesLeft,
  }))
  const placeOf = (
    { kind, number }: BoardPlace,
    origin: 'CPU' | 'chipset' | null,
    electricalLanes: number | null,
  ): LaneBudget['places'] => {
    if (origin !== 'CPU' || electricalLanes === null) return []
    const lanes = lanesLeft({ kind, number, electricalLanes }, sharing, () => true)
    return lanes > 0 ? [{ kind, number, lanes }] : []
  }
  const cpuLanes = piecesOf(machine, 'cpu').map(({ dataSheet }) => dataSheet.pcieLanes)
  return {
    places: [
      ...board.slots.flatMap(({ bus, origin, electricalLanes }, index) =>
        bus === 'PCI' ? [] : placeOf({ kind: 'slot', number: index + 1 }, origin, electricalLanes),
      ),
      ...(board.m2Sockets ?? []).flatMap(({ origin, lanes }, index) =>
        placeOf({ kind: 'M.2', number: index + 1 }, origin, lanes),
      ),
    ],
    chipsetLanes: board.chipsetLanes,
    cpuLanes:
      cpuLanes.length === 0
        ? null
        : cpuLanes.reduce((sum, lanes) => (sum === null || lanes === null ? null : sum + lanes)),
  }
}
