import { fittedOne } from '../../design/fittedParts'
import { PLUG_ROOM_MM } from '../../fit/plugRoom'
import type { Rule } from '../finding'
import { fitFinding } from '../fitFinding'
import { notKnown } from '../notKnown'
import { sheetName } from '../sheetName'

/** The case is too wide, too high or too deep for where it is to stand, plugs behind it counted. */
export const noRoomInPlace: Rule = (document, _figures, say) => {
  const chassis = fittedOne(document, 'chassis')
  const place = fittedOne(document, 'place')
  if (!chassis || !place) return []
  const parts = [chassis, place]
  const { widthMm, heightMm, depthMm } = place.sheet
  const base = { step: 'shell', parts } as const
  if (widthMm === null || heightMm === null || depthMm === null) {
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
  const sides = [
    { word: 'wide', need: chassis.sheet.widthMm, room: widthMm },
    { word: 'high', need: chassis.sheet.heightMm, room: heightMm },
    { word: 'deep', need: chassis.sheet.depthMm, room: depthMm },
  ]
  const tooLarge = sides.filter(({ need, room }) => need > room)
  if (tooLarge.length > 0) {
    return tooLarge.map(({ word, need, room }) =>
      fitFinding({
        ...base,
        code: 'no-room-in-place',
        severity: 'blocks',
        sentence: `The case is ${say.number(need)} mm ${word}; ${sheetName(place.sheet)} has ${say.number(room)} mm.`,
        numbers: { needMm: need, roomMm: room },
      }),
    )
  }
  const plugRoomMm = depthMm - chassis.sheet.depthMm
  if (plugRoomMm >= PLUG_ROOM_MM) return []
  return [
    fitFinding({
      ...base,
      code: 'no-plug-room',
      severity: 'risks',
      sentence: `${say.number(plugRoomMm)} mm are left behind the case for plugs and cables; about ${PLUG_ROOM_MM} mm are needed.`,
      numbers: { plugRoomMm, neededMm: PLUG_ROOM_MM },
    }),
  ]
}
