import { roomInPlace } from '../fit/roomInPlace'
import { pieceOf } from '../machine/machine'
import type { Limit } from '../judging/limit'

/** The case in its place, with its plugs. A rule of its own speaks about it. */
export const placeLimit: Limit = ({ design, machine }, format) => {
  const place = pieceOf(machine, 'place')?.dataSheet
  if (!place) return null
  const room = roomInPlace(design, machine)
  const size = (millimetres: (number | null)[]): string =>
    `${millimetres.map((one) => (one === null ? '?' : format.number(one))).join(' × ')} mm`
  const base = {
    id: 'place',
    title: 'Room where it stands',
    wanted: size([place.widthMm, place.heightMm, place.depthMm]),
    finding: null,
  }
  if (room === null) return { ...base, standing: 'not known', has: 'no case yet' }
  if (room === 'not known') return { ...base, standing: 'not known', has: 'dimensions missing' }
  const fits = room.sides.every(({ needMm, roomMm }) => needMm <= roomMm)
  const plugs = room.behindMm >= room.wantedBehindMm
  return {
    ...base,
    standing: fits && plugs ? 'kept' : 'missed',
    has: `${size(room.sides.map(({ needMm }) => needMm))}${fits && !plugs ? `, ${format.number(room.behindMm)} mm for plugs` : ''}`,
  }
}
