import { CartesianGrid, Legend, Line, LineChart, XAxis, YAxis } from 'recharts'
import { format } from '../controls/locale'

interface YearLinesProps {
  names: readonly string[]
  /** For each design what it comes to by the end of each year. */
  byYear: readonly (readonly number[])[]
  write: (value: number) => string
}

/** Lines are told apart by their dashes, not by colour alone. */
const LOOKS = [
  { stroke: 'var(--ink)', dash: '' },
  { stroke: 'var(--load-busy)', dash: '8 3' },
  { stroke: 'var(--spark)', dash: '2 3' },
  { stroke: 'var(--ink-soft)', dash: '10 3 2 3' },
]

/** What has come together by the end of each year, a line for each design. */
export default function YearLines({ names, byYear, write }: YearLinesProps) {
  const years = Math.max(...byYear.map((values) => values.length))
  const points = Array.from({ length: years }, (_, index) => ({
    year: index + 1,
    spent: byYear.map((spent) => spent[index] ?? null),
  }))
  const told = names.map((name, index) => {
    const spent = byYear[index] ?? []
    return `${name}: ${write(spent.at(-1) ?? 0)} after ${format.counted(spent.length, 'year')}`
  })
  return (
    <div role="img" aria-label={told.join('; ')}>
      <LineChart
        width={460}
        height={240}
        data={points}
        margin={{ top: 8, right: 16, bottom: 0, left: 0 }}
        accessibilityLayer={false}
      >
        <CartesianGrid stroke="var(--line-soft)" />
        <XAxis dataKey="year" stroke="var(--ink-soft)" />
        <YAxis width={92} domain={[0, 'auto']} stroke="var(--ink-soft)" tickFormatter={write} />
        <Legend />
        {names.map((name, index) => {
          const look = LOOKS[index] ?? { stroke: 'var(--ink)', dash: '' }
          return (
            <Line
              key={index}
              name={name}
              dataKey={(point: (typeof points)[number]) => point.spent[index]}
              stroke={look.stroke}
              strokeDasharray={look.dash}
              strokeWidth={2}
              legendType="plainline"
              dot={false}
              isAnimationActive={false}
            />
          )
        })}
      </LineChart>
    </div>
  )
}
