import type { SeriesAgainstPlan } from '@flint/core/files'
import { format } from '../../controls/locale'
import { bandWords, wattWords } from './wattWords'

/** So many days stand in the table; of a longer log the last ones. */
const DAYS_SHOWN = 14

const STANDS_WORDS = {
  below: '△ less than expected',
  within: 'as expected',
  above: '△ more than expected',
  'not known': '? the plan is not known whole',
} as const

/** What a log comes to, beside what was planned, and its days. */
export function SeriesTable({ series, currency }: { series: SeriesAgainstPlan; currency: string }) {
  const { plan, days, hours, meanWatts, lowestWatts, highestWatts, kilowattHours } = series
  return (
    <>
      <table className="lined">
        <tbody>
          <tr>
            <th scope="row">Measured for</th>
            <td>{format.number(hours, 1)} h</td>
          </tr>
          <tr>
            <th scope="row">On average</th>
            <td>
              {format.watts(meanWatts, 1)}
              {plan.mean && `, ${STANDS_WORDS[plan.mean.stands]}`}
            </td>
          </tr>
          {plan.mean && (
            <tr>
              <th scope="row">Expected</th>
              <td>
                {wattWords(plan.mean.expected)} {bandWords(plan.mean.expected)}
              </td>
            </tr>
          )}
          <tr>
            <th scope="row">Least and most</th>
            <td>
              {format.watts(lowestWatts, 1)}, {format.watts(highestWatts, 1)}
            </td>
          </tr>
          <tr>
            <th scope="row">Energy</th>
            <td>
              {format.number(kilowattHours, 2)} kWh
              {plan.kilowattHours !== null && ` of ${format.number(plan.kilowattHours, 2)} planned`}
            </td>
          </tr>
          {series.costMinor !== null && (
            <tr>
              <th scope="row">Money</th>
              <td>{format.money(series.costMinor, currency)}</td>
            </tr>
          )}
          {series.asleepShare !== null && (
            <tr>
              <th scope="row">Nearer to asleep than to spinning</th>
              <td>{format.percent(series.asleepShare)} of the time</td>
            </tr>
          )}
        </tbody>
      </table>
      {days.length > 1 && (
        <table className="lined">
          <thead>
            <tr>
              <th scope="col">Day</th>
              <th scope="col">On average</th>
              <th scope="col">Hours</th>
            </tr>
          </thead>
          <tbody>
            {days.slice(-DAYS_SHOWN).map((day) => (
              <tr key={day.fromSeconds}>
                <th scope="row">{new Date(day.fromSeconds * 1_000).toISOString().slice(0, 10)}</th>
                <td>{format.watts(day.meanWatts, 1)}</td>
                <td>{format.number(day.hours, 1)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </>
  )
}
