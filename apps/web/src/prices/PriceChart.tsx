import { atTheDoor, type PriceObservation } from '@flint/core/figures'
import { CartesianGrid, Line, LineChart, ReferenceLine, XAxis, YAxis } from 'recharts'
import { format } from '../controls/locale'

interface PriceChartProps {
  prices: readonly PriceObservation[]
  currency: string
  targetMinor: number | null
}

/** Prices with shipping by their day, with the one that is waited for. */
export default function PriceChart({ prices, currency, targetMinor }: PriceChartProps) {
  const points = prices
    .map((price) => ({ at: Date.parse(price.seenOn), minor: atTheDoor(price), day: price.seenOn }))
    .toSorted((one, other) => one.at - other.at)
  const [first, last] = [points[0], points.at(-1)]
  const told =
    first && last
      ? `From ${format.money(first.minor, currency)} on ${first.day} to ${format.money(last.minor, currency)} on ${last.day}, ${format.counted(points.length, 'price')}`
      : ''
  return (
    <div role="img" aria-label={told}>
      <LineChart
        width={620}
        height={220}
        data={points}
        margin={{ top: 12, right: 20, bottom: 0, left: 0 }}
        accessibilityLayer={false}
      >
        <CartesianGrid stroke="var(--line-soft)" />
        <XAxis
          dataKey="at"
          type="number"
          domain={['dataMin', 'dataMax']}
          stroke="var(--ink-soft)"
          tickFormatter={(at: number) =>
            new Date(at).toLocaleDateString(format.locale, { month: 'short', year: '2-digit' })
          }
        />
        <YAxis
          width={70}
          domain={['auto', 'auto']}
          stroke="var(--ink-soft)"
          tickFormatter={(minor: number) => format.roundMoney(minor, currency)}
        />
        {targetMinor !== null && (
          <ReferenceLine
            y={targetMinor}
            ifOverflow="extendDomain"
            stroke="var(--spark)"
            strokeDasharray="7 4"
            label={{
              value: 'waited for',
              position: 'insideTopLeft',
              fill: 'var(--ink)',
              fontSize: 11,
            }}
          />
        )}
        <Line
          dataKey="minor"
          stroke="var(--ink)"
          strokeWidth={1.5}
          dot={points.length <= 60}
          isAnimationActive={false}
        />
      </LineChart>
    </div>
  )
}
