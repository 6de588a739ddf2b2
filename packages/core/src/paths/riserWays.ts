import { type Slot, takesEdge } from './placeCards'

/** A card that stands in one slot and gives others. */
export interface RiserNeed {
  id: string
  lanes: number
  /** Length in lanes of each place that it gives. */
  gives: readonly number[]
}

/** The places for cards once the risers are in. */
export interface RiserWay {
  places: Slot[]
  /** The slot of each riser, from 0. */
  slotOf: Record<string, number>
}

/**
 * In which ways can the risers stand, and which places are there for cards then?
 *
 * A riser with several places splits the lanes of its slot evenly among them, in widths that exist.
 *
 * @returns one way without risers; none when a riser finds no slot
 * @example one ×16 slot, a riser with two places: two places of eight lanes each
 */
export function riserWays(
  slots: readonly Slot[],
  risers: readonly RiserNeed[],
  pins: Readonly<Record<string, number>> = {},
): RiserWay[] {
  let ways: RiserWay['slotOf'][] = [{}]
  for (const riser of risers) {
    ways = ways.flatMap((slotOf) =>
      slots.flatMap((slot, at) => {
        const pinned = pins[riser.id]
        const isTaken = Object.values(slotOf).includes(at) || !takesEdge(slot, riser)
        return isTaken || (pinned !== undefined && pinned !== at)
          ? []
          : [{ ...slotOf, [riser.id]: at }]
      }),
    )
  }
  return ways.map((slotOf) => {
    const places = slots.flatMap((slot, at): Slot[] => {
      const riser = risers.find(({ id }) => slotOf[id] === at)
      if (!riser) return [{ ...slot, boardSlot: at }]
      const electricalLanes = widthOf(Math.min(slot.electricalLanes, riser.lanes), riser.gives)
      return riser.gives.map((physicalLanes) => {
        return { ...slot, physicalLanes, electricalLanes, openEnd: false, boardSlot: at }
      })
    })
    return { places, slotOf }
  })
}

/** The widest of 1, 2, 4, 8 and 16 lanes that each place can have. */
function widthOf(lanes: number, gives: readonly number[]): number {
  return 2 ** Math.floor(Math.log2(Math.max(1, lanes / Math.max(1, gives.length))))
}
