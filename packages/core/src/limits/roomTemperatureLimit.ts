import { fittedOfKind } from '../design/fittedParts'
import type { Limit } from './limit'

/** How much warmer than the room drives get, well and badly aired. Common practice, no source. */
const RISE_KELVIN = { low: 8, high: 20 }

/** Warmer than this nobody wants a drive. Common practice, no source. */
const WARMEST_CELSIUS = 50

/** Drives in a warm room. A first band; the airflow of the case is not in it. */
export const roomTemperatureLimit: Limit = (document, _measured, say) => {
  const { roomCelsius } = document.brief
  if (roomCelsius === null) return null
  const disks = fittedOfKind(document, 'drive').filter(({ sheet }) => sheet.medium === 'disk')
  if (disks.length === 0) return null
  const warmest = disks.reduce(
    (least, { sheet }) => Math.min(least, sheet.maxCelsius ?? WARMEST_CELSIUS),
    WARMEST_CELSIUS,
  )
  const [low, high] = [roomCelsius + RISE_KELVIN.low, roomCelsius + RISE_KELVIN.high]
  const band = `${say.number(low)} to ${say.number(high)} °C`
  return {
    id: 'room-temperature',
    title: 'Drives in the warm room',
    standing: high <= warmest ? 'kept' : 'missed',
    wanted: `at most ${say.number(warmest)} °C`,
    has: band,
    finding:
      high <= warmest
        ? null
        : {
            code: 'room-too-warm',
            severity: low > warmest ? 'blocks' : 'risks',
            step: 'drives',
            partIds: [],
            groupIds: [],
            sentence: `In a room of ${say.number(roomCelsius)} °C drives get ${band}, by how well they are aired; ${say.number(warmest)} °C is the most.`,
            numbers: { roomCelsius, lowCelsius: low, highCelsius: high, warmestCelsius: warmest },
          },
  }
}
