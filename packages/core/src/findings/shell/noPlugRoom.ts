import { isTooLarge, roomInPlace } from '../../fit/roomInPlace'
import { found } from '../../judging/finding'
import type { Rule } from '../../judging/rule'

interface Facts {
  behindMm: number
  wantedBehindMm: number
}

/** The case fits its place, and nothing is left behind it for plugs and cables. */
export const noPlugRoom: Rule<'no-plug-room', Facts> = {
  code: 'no-plug-room',
  step: 'shell',
  find: ({ brief, machine }) => {
    const room = roomInPlace({ brief }, machine)
    if (!room) return []
    const { chassis, place, behindMm, wantedBehindMm, sides } = room
    // That the case itself is too large is said by another rule.
    if (behindMm === null || behindMm >= wantedBehindMm || sides.some(isTooLarge)) return []
    return [found('risks', { parts: [chassis, place] }, { behindMm, wantedBehindMm })]
  },
  sentence: ({ behindMm, wantedBehindMm }, { format }) => {
    const [left, wanted] = format.apart(behindMm, wantedBehindMm, format.millimetres)
    return `${left} are left behind the case for plugs and cables; about ${wanted} are needed.`
  },
}
