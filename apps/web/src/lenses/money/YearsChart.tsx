import type { OwnershipFigure } from '@flint/core/figures'
import { Bar, BarChart, CartesianGrid, Legend, XAxis, YAxis } from 'recharts'
import { format } from '../../controls/locale'

interface YearsChartProps {
  years: OwnershipFigure['years']
  currency: string
}

/** Money of each year, what it is for stacked. */
export default function YearsChart({ years, currency }: YearsChartProps) {
  const points = years.map(({ year, purchase, energy, replacements, flash }) => ({
    year,
    bought: purchase.likely,
    power: energy.likely,
    replaced: replacements.likely + flash.likely,
  }))
  const told = points.map(
    ({ year, bought, power, replaced }) =>
      `year ${year}: ${[bought, power, replaced].map((minor) => format.roundMoney(minor, currency)).join(', ')}`,
  )
  return (
    <div role="img" aria-label={`Bought, power and replaced, ${told.join('; ')}`}>
      <BarChart
        width={420}
        height={230}
        data={points}
        margin={{ top: 8, right: 8, bottom: 0, left: 0 }}
        accessibilityLayer={false}
      >
        <CartesianGrid stroke="var(--line-soft)" vertical={false} />
        <XAxis dataKey="year" stroke="var(--ink-soft)" />
        <YAxis
          width={70}
          stroke="var(--ink-soft)"
          tickFormatter={(minor: number) => format.roundMoney(minor, currency)}
        />
        <Legend />
        <Bar dataKey="bought" stackId="money" fill="var(--ink)" isAnimationActive={false} />
        <Bar dataKey="power" stackId="money" fill="var(--load-busy)" isAnimationActive={false} />
        <Bar dataKey="replaced" stackId="money" fill="var(--load-some)" isAnimationActive={false} />
      </BarChart>
    </div>
  )
}
