import type { PartPriceFigures } from '@flint/contract'
import { CartesianGrid, Legend, Line, LineChart, ReferenceLine, XAxis, YAxis } from 'recharts'
import { format } from '../controls/locale'

interface PriceChartProps {
  /** A line for each condition. */
  of: PartPriceFigures['of']
  currency: string
  targetMinor: number | null
}

/** Told apart by dashes, not by colour alone. */
const DASHES = { new: '', used: '6 3', 'out of an enclosure': '2 3' }
/** More points than this are drawn without their dots. */
const MOST_DOTS = 60

/** The lowest price with shipping of each day, with the target. */
export default function PriceChart({ of, currency, targetMinor }: PriceChartProps) {
  const told = of.flatMap(({ condition, byDay }) => {
    const [first, last] = [byDay[0], byDay.at(-1)]
    if (!first || !last) return []
    const [from, to] = [first, last].map(
      ({ day, minor }) => `${format.money(minor, currency)} on ${day}`,
    )
    return [
      `${condition}: from ${from ?? ''} to ${to ?? ''}, ${format.counted(byDay.length, 'day')}`,
    ]
  })
  return (
    <div role="img" aria-label={told.join('; ')}>
      <LineChart
        width={620}
        height={240}
        margin={{ top: 12, right: 20, bottom: 0, left: 0 }}
        accessibilityLayer={false}
      >
        <CartesianGrid stroke="var(--line-soft)" />
        <XAxis
          dataKey="at"
          type="number"
          domain={['dataMin', 'dataMax']}
          allowDuplicatedCategory={false}
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
        {of.length > 1 && <Legend />}
        {targetMinor !== null && (
          <ReferenceLine
            y={targetMinor}
            ifOverflow="extendDomain"
            stroke="var(--spark)"
            strokeDasharray="7 4"
            label={{
              value: 'target',
              position: 'insideTopLeft',
              fill: 'var(--ink)',
              fontSize: 11,
            }}
          />
        )}
        {of.map(({ condition, byDay }) => (
          <Line
            key={condition}
            name={condition}
            data={byDay.map((point) => ({ ...point, at: Date.parse(point.day) }))}
            dataKey="minor"
            stroke="var(--ink)"
            strokeDasharray={DASHES[condition]}
            strokeWidth={1.5}
            legendType="plainline"
            dot={byDay.length <= MOST_DOTS && { strokeDasharray: '' }}
            isAnimationActive={false}
          />
        ))}
      </LineChart>
    </div>
  )
}
