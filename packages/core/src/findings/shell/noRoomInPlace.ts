import { pieceOf } from '../../machine/machine'
import { roomInPlace } from '../../fit/roomInPlace'
import type { Rule } from '../../judging/rule'
import { fitFinding } from '../../judging/fitFinding'
import { notKnown } from '../../judging/notKnown'
import { sheetName } from '../../judging/sheetName'

/** The case is too wide, too high or too deep for where it is to stand, plugs behind it counted. */
export const noRoomInPlace: Rule = ({ design, machine }, format) => {
  const room = roomInPlace(design, machine)
  const chassis = pieceOf(machine, 'chassis')
  const place = pieceOf(machine, 'place')
  if (!room || !chassis || !place) return []
  const parts = [chassis, place]
  const base = { step: 'shell', parts } as const
  if (room === 'not known') {
    return [
      notKnown({
        code: 'no-room-in-place',
        step: 'shell',
        partIds: parts.map(({ id }) => id),
        question: 'whether the case fits its place',
        missing: `all three dimensions of ${sheetName(place.dataSheet)}`,
      }),
    ]
  }
  const tooLarge = room.sides.filter(({ needMm, roomMm }) => needMm > roomMm)
  return tooLarge.map(({ word, needMm, roomMm }) =>
    fitFinding({
      ...base,
      code: 'no-room-in-place',
      severity: 'blocks',
      sentence: `The case is ${format.number(needMm)} mm ${word}; ${sheetName(place.dataSheet)} has ${format.number(roomMm)} mm.`,
      numbers: { needMm, roomMm },
    }),
  )
}
