import { type PowerIn, piecesOf, supplyLoss } from '@flint/core/figures'
import { useMemo } from 'react'
import { CartesianGrid, Line, LineChart, ReferenceDot, XAxis, YAxis } from 'recharts'
import { format } from '../../controls/locale'
import { selectShownDesign, selectShownMachine } from '../../sheet/selectors'
import { useAppSelector } from '../../store/hooks'
import { stateTitle } from './stateWords'
import styles from './power.module.css'

/** How finely the curve is drawn. For the drawing only. */
const POINTS = 60
/** Below this the curve falls to nothing. For the drawing only. */
const LEAST_PERCENT = 40
/** States that are marked on it. */
const MARKED = ['asleep', 'spinning', 'scrub'] as const

/** Efficiency of the supply by its load, with its band, and where the machine works on it. */
export default function EfficiencyCurve({ powerIn }: { powerIn: PowerIn }) {
  const design = useAppSelector(selectShownDesign)
  const machine = useAppSelector(selectShownMachine)
  const [supply] = piecesOf(machine, 'supply')
  const { mainsVolts } = design.brief
  const sheet = supply?.dataSheet
  const points = useMemo(() => {
    if (!sheet) return []
    return Array.from({ length: POINTS }, (_, index) => {
      // More of them where storage servers idle.
      const watts = sheet.ratedWatts * ((index + 1) / POINTS) ** 2
      const { low, likely, high } = supplyLoss(watts, sheet, mainsVolts)
      const percent = (loss: number): number => (100 * watts) / (watts + loss)
      return { watts, best: percent(low), likely: percent(likely), worst: percent(high) }
    })
  }, [sheet, mainsVolts])
  if (!supply || !sheet) return null
  const marks = MARKED.map((id) => {
    const watts = powerIn(id).dc.likely
    const loss = supplyLoss(watts, sheet, mainsVolts).likely
    return { id, title: stateTitle(id), watts, percent: (100 * watts) / (watts + loss) }
  })
  const told = marks.map(
    ({ title, watts, percent }) =>
      `${title.toLowerCase()} ${format.watts(watts)} at ${format.number(percent)} %`,
  )
  return (
    <section aria-label="Efficiency of the supply" className={styles.curve}>
      <h2>
        {sheet.maker} {sheet.model}
        <span className="aside">efficiency by load; dashed: best and worst to be expected</span>
      </h2>
      <div role="img" aria-label={told.join('; ')}>
        <LineChart
          width={360}
          height={250}
          data={points}
          margin={{ top: 10, right: 16, bottom: 18, left: 0 }}
          accessibilityLayer={false}
        >
          <CartesianGrid stroke="var(--line-soft)" />
          <XAxis
            dataKey="watts"
            type="number"
            domain={[0, sheet.ratedWatts]}
            tickFormatter={(watts: number) => format.number(watts)}
            stroke="var(--ink-soft)"
            label={{ value: 'W delivered', position: 'bottom', fill: 'var(--ink-soft)', offset: 0 }}
          />
          <YAxis
            domain={[LEAST_PERCENT, 100]}
            ticks={[40, 60, 80, 100]}
            allowDataOverflow
            tickFormatter={(percent: number) => `${format.number(percent)} %`}
            stroke="var(--ink-soft)"
            width={56}
          />
          {(['best', 'worst'] as const).map((end) => (
            <Line
              key={end}
              dataKey={end}
              stroke="var(--ink-soft)"
              strokeDasharray="4 4"
              dot={false}
              isAnimationActive={false}
            />
          ))}
          <Line
            dataKey="likely"
            stroke="var(--ink)"
            strokeWidth={2}
            dot={false}
            isAnimationActive={false}
          />
          {marks.map(({ id, watts, percent }, index) => (
            <ReferenceDot
              key={id}
              x={watts}
              y={percent}
              r={5}
              fill="var(--spark)"
              stroke="var(--paper)"
              label={{ value: index + 1, position: 'bottom', fill: 'var(--ink)' }}
            />
          ))}
        </LineChart>
      </div>
      <p className="soft">
        {told.map((words, index) => `${index + 1}: ${words}`).join('; ')}. Below the lowest
        certified load nobody has measured, unless the data sheet has points of its own.
      </p>
    </section>
  )
}
