import type { BreakEven } from '@flint/core/figures'
import { CartesianGrid, Legend, Line, LineChart, ReferenceLine, XAxis, YAxis } from 'recharts'
import { format } from '../../controls/locale'
import { monthsText } from './moneyWords'

interface BreakEvenChartProps {
  curve: BreakEven['curve']
  month: number | null
  currency: string
  name: string
}

/** What both have cost by the end of each month, and where they cross. */
export default function BreakEvenChart({ curve, month, currency, name }: BreakEvenChartProps) {
  const last = curve.at(-1)
  const told = last
    ? `After ${monthsText(last.month)} the machine has cost ${format.roundMoney(last.ownMinor, currency)}, ${name} ${format.roundMoney(last.otherMinor, currency)}.`
    : ''
  return (
    <div role="img" aria-label={told}>
      <LineChart
        width={440}
        height={240}
        data={curve}
        margin={{ top: 18, right: 16, bottom: 0, left: 0 }}
        accessibilityLayer={false}
      >
        <CartesianGrid stroke="var(--line-soft)" />
        <XAxis
          dataKey="month"
          type="number"
          domain={[0, 'dataMax']}
          ticks={curve.map((point) => point.month).filter((at) => at % 12 === 0)}
          tickFormatter={(at: number) => `${at / 12} y`}
          stroke="var(--ink-soft)"
        />
        <YAxis
          width={70}
          stroke="var(--ink-soft)"
          tickFormatter={(minor: number) => format.roundMoney(minor, currency)}
        />
        <Legend />
        {month !== null && (
          <ReferenceLine
            x={month}
            stroke="var(--spark)"
            label={{ value: `month ${month}`, position: 'top', fill: 'var(--ink)', fontSize: 11 }}
          />
        )}
        <Line
          dataKey="ownMinor"
          name="this machine"
          stroke="var(--ink)"
          strokeWidth={2}
          dot={false}
          isAnimationActive={false}
        />
        <Line
          dataKey="otherMinor"
          name={name}
          stroke="var(--load-busy)"
          strokeWidth={2}
          strokeDasharray="6 3"
          dot={false}
          isAnimationActive={false}
        />
      </LineChart>
    </div>
  )
}
