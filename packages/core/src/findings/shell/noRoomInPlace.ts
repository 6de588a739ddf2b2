import { fittedOne } from '../../design/fittedParts'
import { roomInPlace } from '../../fit/roomInPlace'
import type { Rule } from '../rule'
import { fitFinding } from '../fitFinding'
import { notKnown } from '../notKnown'
import { sheetName } from '../sheetName'

/** The case is too wide, too high or too deep for where it is to stand, plugs behind it counted. */
export const noRoomInPlace: Rule = (document, _figures, say) => {
  const room = roomInPlace(document)
  const chassis = fittedOne(document, 'chassis')
  const place = fittedOne(document, 'place')
  if (!room || !chassis || !place) return []
  const parts = [chassis, place]
  const base = { step: 'shell', parts } as const
  if (room === 'not known') {
    return [
      notKnown({
        code: 'no-room-in-place',
        step: 'shell',
        partIds: parts.map(({ part }) => part.id),
        question: 'whether the case fits its place',
        missing: `all three dimensions of ${sheetName(place.sheet)}`,
      }),
    ]
  }
  const tooLarge = room.sides.filter(({ needMm, roomMm }) => needMm > roomMm)
  if (tooLarge.length > 0) {
    return tooLarge.map(({ word, needMm, roomMm }) =>
      fitFinding({
        ...base,
        code: 'no-room-in-place',
        severity: 'blocks',
        sentence: `The case is ${say.number(needMm)} mm ${word}; ${sheetName(place.sheet)} has ${say.number(roomMm)} mm.`,
        numbers: { needMm, roomMm },
      }),
    )
  }
  const { behindMm, wantedBehindMm } = room
  if (behindMm >= wantedBehindMm) return []
  return [
    fitFinding({
      ...base,
      code: 'no-plug-room',
      severity: 'risks',
      sentence: `${say.number(behindMm)} mm are left behind the case for plugs and cables; about ${say.number(wantedBehindMm)} mm are needed.`,
      numbers: { behindMm, wantedBehindMm },
    }),
  ]
}
