import { type Machine, pieceOf } from '../machine/machine'
import type { Piece } from '../machine/piece'
import type { Brief } from '../design/brief'
import { plugRoomMm } from './plugRoom'

/** Fields of a place and of a case, and how a sentence calls the side. */
export const PLACE_SIDES = ['widthMm', 'heightMm', 'depthMm'] as const
const SIDE_WORDS = { widthMm: 'wide', heightMm: 'high', depthMm: 'deep' } as const

/** One side of the case against what the place has, millimetres. */
export interface SideInPlace {
  side: 'wide' | 'high' | 'deep'
  needMm: number
  roomMm: number
}

export interface RoomInPlace {
  chassis: Piece<'chassis'>
  place: Piece<'place'>
  /** Those of which the place's room is known. */
  sides: SideInPlace[]
  /** Left behind the case for plugs and cables; null when the depth of the place is not known. */
  behindMm: number | null
  /** What is wanted there. */
  wantedBehindMm: number
}

export const isTooLarge = ({ needMm, roomMm }: SideInPlace): boolean => needMm > roomMm

/**
 * Is there room for the case where it is to stand? Each side that is known counts by itself.
 *
 * @returns null without a case or a place
 */
export function roomInPlace(
  { brief }: { brief: Pick<Brief, 'plugRoomMm'> },
  machine: Machine,
): RoomInPlace | null {
  const chassis = pieceOf(machine, 'chassis')
  const place = pieceOf(machine, 'place')
  if (!chassis || !place) return null
  const { dataSheet: needs } = chassis
  const { dataSheet: has } = place
  return {
    chassis,
    place,
    sides: PLACE_SIDES.flatMap((field) => {
      const roomMm = has[field]
      return roomMm === null ? [] : [{ side: SIDE_WORDS[field], needMm: needs[field], roomMm }]
    }),
    behindMm: has.depthMm === null ? null : has.depthMm - needs.depthMm,
    wantedBehindMm: plugRoomMm(brief),
  }
}
