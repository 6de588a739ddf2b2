import { PLACE_SIDES, type SideInPlace, isTooLarge, roomInPlace } from '../../fit/roomInPlace'
import { found, lack } from '../../judging/finding'
import { lacking } from '../../judging/missing'
import type { Rule } from '../../judging/rule'
import type { PieceId } from '../../machine/piece'

interface Facts {
  placeId: PieceId
  side: SideInPlace['side']
  needMm: number
  roomMm: number
}

/** The case is too wide, too high or too deep for where it is to stand. */
export const noRoomInPlace: Rule<'no-room-in-place', Facts> = {
  code: 'no-room-in-place',
  step: 'shell',
  find: ({ brief, machine }) => {
    const room = roomInPlace({ brief }, machine)
    if (!room) return []
    const { chassis, place, sides } = room
    const parts = [chassis, place]
    // A side that is known to be too small excludes the case, whatever the others are.
    const tooLarge = sides.filter(isTooLarge)
    if (tooLarge.length > 0) {
      return tooLarge.map(({ side, needMm, roomMm }) =>
        found('blocks', { parts }, { placeId: place.id, side, needMm, roomMm }),
      )
    }
    const missing = lacking(place, ...PLACE_SIDES)
    return missing.length > 0 ? [lack(missing, { parts })] : []
  },
  sentence: ({ placeId, side, needMm, roomMm }, { piece, format }) => {
    const [need, room] = format.apart(needMm, roomMm, format.millimetres)
    return `The case is ${need} ${side}; ${piece(placeId)} has ${room}.`
  },
  question: 'whether the case fits its place',
}
