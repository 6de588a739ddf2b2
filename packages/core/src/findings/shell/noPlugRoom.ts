import { roomInPlace } from '../../fit/roomInPlace'
import { fitFinding } from '../../judging/fitFinding'
import type { Rule } from '../../judging/rule'
import { pieceOf } from '../../machine/machine'

/** The case fits its place, and nothing is left behind it for plugs and cables. */
export const noPlugRoom: Rule = ({ design, machine }, format) => {
  const room = roomInPlace(design, machine)
  const chassis = pieceOf(machine, 'chassis')
  const place = pieceOf(machine, 'place')
  if (!room || room === 'not known' || !chassis || !place) return []
  const { behindMm, wantedBehindMm, sides } = room
  // That the case itself is too large is said by another rule.
  if (behindMm >= wantedBehindMm || sides.some(({ needMm, roomMm }) => needMm > roomMm)) return []
  return [
    fitFinding({
      code: 'no-plug-room',
      severity: 'risks',
      step: 'shell',
      parts: [chassis, place],
      sentence: `${format.number(behindMm)} mm are left behind the case for plugs and cables; about ${format.number(wantedBehindMm)} mm are needed.`,
      numbers: { behindMm, wantedBehindMm },
    }),
  ]
}
