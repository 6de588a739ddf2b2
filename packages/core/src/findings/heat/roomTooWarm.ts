import { found } from '../../judging/finding'
import type { Rule } from '../../judging/rule'
import { roomTemperatureLimit } from '../../limits/roomTemperatureLimit'

interface Facts {
  roomCelsius: number
  lowCelsius: number
  highCelsius: number
  warmestCelsius: number
}

/** Drives in a warm room get warmer than anybody wants a drive, or may. */
export const roomTooWarm: Rule<'room-too-warm', Facts> = {
  code: 'room-too-warm',
  step: 'heat',
  find: ({ judged }) => {
    const limit = judged(roomTemperatureLimit)
    if (!limit || limit.status === 'kept' || !limit.has) return []
    const { low, high } = limit.has
    const { roomCelsius, warmestCelsius, driveIds } = limit.facts
    // What is not known for want of a case or of drives is said elsewhere.
    if (high <= warmestCelsius) return []
    const facts = { roomCelsius, warmestCelsius, lowCelsius: low, highCelsius: high }
    return [found(low > warmestCelsius ? 'blocks' : 'risks', { partIds: driveIds }, facts)]
  },
  sentence: ({ roomCelsius, lowCelsius, highCelsius, warmestCelsius }, { format }) => {
    const [high, most] = format.apart(highCelsius, warmestCelsius, format.number)
    const [low] = format.apart(lowCelsius, warmestCelsius, format.number)
    return `In a room of ${format.number(roomCelsius)} °C the warmest drives get ${low} to ${high} °C while all are read; ${most} °C is the most.`
  },
}
