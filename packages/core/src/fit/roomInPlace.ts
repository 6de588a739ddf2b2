import { type Machine, pieceOf } from '../machine/machine'
import type { Design } from '../design/design'
import { plugRoomMm } from './plugRoom'

export interface RoomInPlace {
  /** What the case needs and what the place has, millimetres. */
  sides: { word: 'wide' | 'high' | 'deep'; needMm: number; roomMm: number }[]
  /** Left behind the case for plugs and cables, and what is wanted there. */
  behindMm: number
  wantedBehindMm: number
}

/**
 * Is there room for the case where it is to stand?
 *
 * @returns null without a case or a place; 'not known' when the place lacks a dimension
 */
export function roomInPlace(
  { brief }: Pick<Design, 'brief'>,
  machine: Machine,
): RoomInPlace | 'not known' | null {
  const chassis = pieceOf(machine, 'chassis')?.dataSheet
  const place = pieceOf(machine, 'place')?.dataSheet
  if (!chassis || !place) return null
  const { widthMm, heightMm, depthMm } = place
  if (widthMm === null || heightMm === null || depthMm === null) return 'not known'
  return {
    sides: [
      { word: 'wide', needMm: chassis.widthMm, roomMm: widthMm },
      { word: 'high', needMm: chassis.heightMm, roomMm: heightMm },
      { word: 'deep', needMm: chassis.depthMm, roomMm: depthMm },
    ],
    behindMm: depthMm - chassis.depthMm,
    wantedBehindMm: plugRoomMm(brief),
  }
}
