import { CartesianGrid, Line, LineChart, ReferenceLine, XAxis, YAxis } from 'recharts'
import { format } from '../../controls/locale'

export interface TimePoint {
  at: string
  low?: number
  value: number
  high?: number
}

interface LineOverTimeProps {
  /** In the order of their time. */
  points: readonly TimePoint[]
  write: (value: number) => string
  limits: readonly { value: number; name: string }[]
  /** What is drawn, for those who hear it. */
  told: string
}

/** More points than this are drawn without their dots. */
const MOST_DOTS = 60
const BAND = { stroke: 'var(--ink-soft)', strokeWidth: 1, dot: false, isAnimationActive: false }

/** A value over time, with what it is held against; its least and its most where there are any. */
export default function LineOverTime({ points, write, limits, told }: LineOverTimeProps) {
  const data = points.map((point) => ({ ...point, time: Date.parse(point.at) }))
  const hasBand = points.some(({ low, high }) => low !== high)
  return (
    <div role="img" aria-label={told}>
      <LineChart
        width={400}
        height={210}
        data={data}
        margin={{ top: 10, right: 16, bottom: 0, left: 0 }}
        accessibilityLayer={false}
      >
        <CartesianGrid stroke="var(--line-soft)" />
        <XAxis
          dataKey="time"
          type="number"
          domain={['dataMin', 'dataMax']}
          stroke="var(--ink-soft)"
          tickFormatter={(at: number) =>
            new Date(at).toLocaleDateString(format.locale, { day: 'numeric', month: 'short' })
          }
        />
        <YAxis
          width={74}
          domain={['auto', 'auto']}
          stroke="var(--ink-soft)"
          tickFormatter={write}
        />
        {limits.map(({ value, name }) => (
          <ReferenceLine
            key={name}
            y={value}
            ifOverflow="extendDomain"
            stroke="var(--spark)"
            strokeDasharray="7 4"
            label={{ value: name, position: 'insideTopLeft', fill: 'var(--ink)', fontSize: 11 }}
          />
        ))}
        {hasBand && <Line dataKey="low" {...BAND} />}
        {hasBand && <Line dataKey="high" {...BAND} />}
        <Line
          dataKey="value"
          stroke="var(--ink)"
          strokeWidth={1.8}
          dot={points.length <= MOST_DOTS}
          isAnimationActive={false}
        />
      </LineChart>
    </div>
  )
}
