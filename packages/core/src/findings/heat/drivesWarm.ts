import { found } from '../../judging/finding'
import type { Rule } from '../../judging/rule'
import { roomTemperatureLimit } from '../../limits/roomTemperatureLimit'

interface Facts {
  celsius: number
  advisedCelsius: number
}

/** Drives stay below what is the most, and are likely to get warmer than the house advises. */
export const drivesWarm: Rule<'drives-warm', Facts> = {
  code: 'drives-warm',
  step: 'heat',
  find: ({ judged, houseRules: { driveCelsiusAdvised: advisedCelsius } }) => {
    const has = judged(roomTemperatureLimit)?.has
    const driveIds = judged(roomTemperatureLimit)?.facts.driveIds ?? []
    if (!has || has.likely <= advisedCelsius) return []
    return [found('note', { partIds: driveIds }, { celsius: has.likely, advisedCelsius })]
  },
  sentence: ({ celsius, advisedCelsius }, { format }) => {
    const [likely, advised] = format.apart(celsius, advisedCelsius, format.number)
    return `The warmest drives are likely to reach ${likely} °C while all are read; below ${advised} °C they are said to live longer.`
  },
  houseRule: ({ advisedCelsius }) => `drives below ${advisedCelsius} °C`,
}
