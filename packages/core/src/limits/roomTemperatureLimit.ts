import type { Limit } from '../judging/limit'
import { piecesOf } from '../machine/machine'
import type { Amount } from '../units/amount'

/** How much warmer than the room drives get, well and badly aired. Common practice, no source. */
export const RISE_KELVIN = { low: 8, high: 20 }

/** Warmer than this nobody wants a drive. Common practice, no source. */
export const WARMEST_CELSIUS = 50

interface Facts {
  roomCelsius: number
  warmestCelsius: number
}

/** Drives in a warm room. A first band; the airflow of the case is not in it. Drives that are away stay cool. */
export const roomTemperatureLimit: Limit<'room-temperature', Facts> = {
  id: 'room-temperature',
  title: 'Drives in the warm room',
  dependsOn: ['chassis', 'drives'],
  judge: ({ brief: { roomCelsius }, machine }) => {
    if (roomCelsius === null) return null
    const away = new Set(machine.awayIds)
    const disks = piecesOf(machine, 'drive').filter(
      ({ id, dataSheet }) => dataSheet.medium === 'disk' && !away.has(id),
    )
    if (disks.length === 0) return null
    const warmestCelsius = disks.reduce(
      (least, { dataSheet }) => Math.min(least, dataSheet.maxCelsius ?? WARMEST_CELSIUS),
      WARMEST_CELSIUS,
    )
    const [low, high] = [roomCelsius + RISE_KELVIN.low, roomCelsius + RISE_KELVIN.high]
    const has: Amount<'°C'> = { low, likely: (low + high) / 2, high, unit: '°C', missing: [] }
    return { bound: { most: warmestCelsius }, has, facts: { roomCelsius, warmestCelsius } }
  },
  wanted: ({ facts }, { format }) => `at most ${format.number(facts.warmestCelsius, 1)} °C`,
  has: ({ has }, { format }) =>
    `${format.number(has?.low ?? 0, 1)} to ${format.number(has?.high ?? 0, 1)} °C`,
}
