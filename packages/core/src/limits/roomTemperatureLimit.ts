import { allowedCelsius } from '../heat/allowedCelsius'
import { warmestRow } from '../heat/warmestRow'
import type { Limit } from '../judging/limit'
import type { PieceId } from '../machine/piece'
import { type Amount, withMissing } from '../units/amount'

interface Facts {
  roomCelsius: number
  warmestCelsius: number
  /** Bays of the row that gets warmest. */
  bayIds: readonly string[]
  driveIds: readonly PieceId[]
}

/**
 * Disks in the warm room while all of them are read: the row that gets warmest.
 *
 * Drives that are away stay cool. A drive whose maker allows less than the house rule is held to that.
 */
export const roomTemperatureLimit: Limit<'room-temperature', Facts> = {
  id: 'room-temperature',
  title: 'Drives in the warm room',
  dependsOn: ['chassis', 'drives'],
  judge: (given) => {
    const { roomCelsius } = given.brief
    if (roomCelsius === null) return null
    const { machine, houseRules } = given
    const rows = given.heat.rows.filter(({ hasDisk }) => hasDisk)
    const row = warmestRow({ rows })
    if (!row) return null
    const all = rows.flatMap((one) => one.driveIds)
    const warmestCelsius = allowedCelsius(houseRules, machine, all)
    const has: Amount<'°C'> = {
      low: roomCelsius + row.kelvin.low,
      likely: roomCelsius + row.kelvin.likely,
      high: roomCelsius + row.kelvin.high,
      unit: '°C',
      missing: rows.reduce<Amount['missing']>(
        (all, { watts }) => withMissing(all, watts.missing),
        [],
      ),
    }
    const { bayIds, driveIds } = row
    return {
      bound: { most: warmestCelsius },
      has,
      facts: { roomCelsius, warmestCelsius, bayIds, driveIds },
    }
  },
  wanted: ({ facts }, { format }) => `at most ${format.number(facts.warmestCelsius, 1)} °C`,
  has: ({ has }, { format }) =>
    has ? `${format.number(has.low)} to ${format.number(has.high)} °C` : 'not known',
}
