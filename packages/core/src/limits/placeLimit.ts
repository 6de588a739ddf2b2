import { PLACE_SIDES, roomInPlace } from '../fit/roomInPlace'
import type { Limit } from '../judging/limit'
import { lacking } from '../judging/missing'
import { pieceOf } from '../machine/machine'
import { exactly, exactOf } from '../units/amount'
import type { Formatter } from '../units/formatter'

interface Facts {
  roomMm: (number | null)[]
  needMm: number[]
  behindMm: number | null
}

/** The case in its place, with its plugs: how much of it reaches over. */
export const placeLimit: Limit<'place', Facts> = {
  id: 'place',
  title: 'Room where it stands',
  dependsOn: ['chassis'],
  judge: ({ brief, machine }) => {
    const place = pieceOf(machine, 'place')
    if (!place) return null
    const chassis = pieceOf(machine, 'chassis')
    const room = roomInPlace({ brief }, machine)
    const facts = {
      roomMm: PLACE_SIDES.map((field) => place.dataSheet[field]),
      needMm: chassis ? PLACE_SIDES.map((field) => chassis.dataSheet[field]) : [],
      behindMm: room?.behindMm ?? null,
    }
    const bound = { most: 0 }
    if (!room) return { bound, has: null, facts }
    const overMm = Math.max(
      0,
      ...room.sides.map(({ needMm, roomMm }) => needMm - roomMm),
      room.behindMm === null ? 0 : room.wantedBehindMm - room.behindMm,
    )
    return { bound, has: exactly(overMm, 'mm', lacking(place, ...PLACE_SIDES)), facts }
  },
  wanted: ({ facts }, { format }) => sizeText(facts.roomMm, format),
  has: ({ has, facts: { needMm, roomMm, behindMm } }, { format }) => {
    if (!has) return 'no case yet'
    const isPlugsOnly = exactOf(has) > 0 && needMm.every((need, at) => need <= (roomMm[at] ?? need))
    const plugs =
      isPlugsOnly && behindMm !== null ? `, ${format.millimetres(behindMm)} for plugs` : ''
    return sizeText(needMm, format) + plugs
  },
}

const sizeText = (millimetres: readonly (number | null)[], format: Formatter): string =>
  `${millimetres.map((one) => (one === null ? '?' : format.number(one, 1))).join(' × ')} mm`
