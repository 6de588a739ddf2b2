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
  step: 'drives',
  find: ({ judged }) => {
    const limit = judged(roomTemperatureLimit)
    if (!limit || limit.status === 'kept' || !limit.has) return []
    const { low, high } = limit.has
    const facts = { ...limit.facts, lowCelsius: low, highCelsius: high }
    return [found(limit.status === 'missed' ? 'blocks' : 'risks', {}, facts)]
  },
  sentence: ({ roomCelsius, lowCelsius, highCelsius, warmestCelsius }, { format }) =>
    `In a room of ${format.number(roomCelsius)} °C drives get ${format.number(lowCelsius)} to ${format.number(highCelsius)} °C, by how well they are aired; ${format.number(warmestCelsius)} °C is the most.`,
}
