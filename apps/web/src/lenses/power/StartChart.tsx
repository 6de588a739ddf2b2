import type { StartCurve } from '@flint/core/figures'
import { CartesianGrid, Line, LineChart, ReferenceLine, XAxis, YAxis } from 'recharts'
import { format } from '../../controls/locale'

/** How much longer than the start is drawn. For the drawing only. */
const AFTER_SECONDS = 5

interface StartChartProps {
  curve: StartCurve
  /** 0 where nobody gives it. */
  rated12: number
  rated5: number
}

/** Amperes on both rails over the seconds of the start: 12 V drawn through, 5 V dashed. */
export default function StartChart({ curve, rated12, rated5 }: StartChartProps) {
  const last = (curve.moments.at(-1)?.atSeconds ?? 0) + AFTER_SECONDS
  const end = curve.moments.at(-1)
  const points = [...curve.moments, ...(end ? [{ ...end, atSeconds: last }] : [])]
  const rated = [
    { key: '12 V', amps: rated12, dash: '7 4' },
    { key: '5 V', amps: rated5, dash: '2 4' },
  ].filter(({ amps }) => amps > 0)
  const told = curve.moments.map(
    ({ atSeconds, twelve, five }) =>
      `${format.number(atSeconds)} s: ${format.amps(twelve)} at 12 V, ${format.amps(five)} at 5 V`,
  )
  return (
    <div role="img" aria-label={told.join('; ')}>
      <LineChart
        width={520}
        height={220}
        data={points}
        margin={{ top: 10, right: 60, bottom: 18, left: 0 }}
        accessibilityLayer={false}
      >
        <CartesianGrid stroke="var(--line-soft)" />
        <XAxis
          dataKey="atSeconds"
          type="number"
          domain={[0, last]}
          tickFormatter={(seconds: number) => `${format.number(seconds)} s`}
          stroke="var(--ink-soft)"
        />
        <YAxis
          tickFormatter={(amps: number) => format.amps(amps, 0)}
          stroke="var(--ink-soft)"
          width={56}
        />
        {rated.map(({ key, amps, dash }) => (
          <ReferenceLine
            key={key}
            y={amps}
            ifOverflow="extendDomain"
            stroke="var(--spark)"
            strokeDasharray={dash}
            label={{ value: `${key} carries`, position: 'right', fill: 'var(--ink)', fontSize: 11 }}
          />
        ))}
        <Line
          type="stepAfter"
          dataKey="twelve"
          stroke="var(--ink)"
          strokeWidth={2}
          dot={false}
          isAnimationActive={false}
        />
        <Line
          type="stepAfter"
          dataKey="five"
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
