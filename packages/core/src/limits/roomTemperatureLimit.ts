import { piecesOf } from '../machine/machine'
import type { Limit } from '../judging/limit'

/** How much warmer than the room drives get, well and badly aired. Common practice, no source. */
const RISE_KELVIN = { low: 8, high: 20 }

/** Warmer than this nobody wants a drive. Common practice, no source. */
const WARMEST_CELSIUS = 50

/** Drives in a warm room. A first band; the airflow of the case is not in it. */
export const roomTemperatureLimit: Limit = ({ design, machine }, format) => {
  const { roomCelsius } = design.brief
  if (roomCelsius === null) return null
  const disks = piecesOf(machine, 'drive').filter(({ dataSheet }) => dataSheet.medium === 'disk')
  if (disks.length === 0) return null
  const warmest = disks.reduce(
    (least, { dataSheet }) => Math.min(least, dataSheet.maxCelsius ?? WARMEST_CELSIUS),
    WARMEST_CELSIUS,
  )
  const [low, high] = [roomCelsius + RISE_KELVIN.low, roomCelsius + RISE_KELVIN.high]
  const band = `${format.number(low)} to ${format.number(high)} °C`
  return {
    id: 'room-temperature',
    title: 'Drives in the warm room',
    standing: high <= warmest ? 'kept' : 'missed',
    wanted: `at most ${format.number(warmest)} °C`,
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
            sentence: `In a room of ${format.number(roomCelsius)} °C drives get ${band}, by how well they are aired; ${format.number(warmest)} °C is the most.`,
            numbers: { roomCelsius, lowCelsius: low, highCelsius: high, warmestCelsius: warmest },
          },
  }
}
