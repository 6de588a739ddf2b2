import { type Design, fanDutyOf } from '@flint/core/editing'
import { airFlow, HOTTEST_STATE, type Machine, machineHeat, warmestRow } from '@flint/core/figures'
import { useMemo } from 'react'
import {
  Area,
  CartesianGrid,
  ComposedChart,
  Line,
  ReferenceDot,
  ReferenceLine,
  XAxis,
  YAxis,
} from 'recharts'
import { format } from '../../controls/locale'
import { warmthWords } from './heatWords'
import styles from './heat.module.css'

/** Speeds at which it is worked out, in percent. For the drawing only. */
const SPEEDS = [20, 30, 40, 50, 60, 70, 80, 90, 100]

/** How warm the warmest drive gets by the speed of the fans: its band, and today's point. */
export default function DutyCurve({ design, machine }: { design: Design; machine: Machine }) {
  const { roomCelsius } = design.brief
  const { driveCelsiusAdvised, driveCelsiusMost } = design.houseRules
  const duty = fanDutyOf(design.air)
  const points = useMemo(
    () => SPEEDS.flatMap((speed) => pointAt(design, machine, speed)),
    [design, machine],
  )
  const today = useMemo(
    () => pointAt(design, machine, Math.round(duty * 100))[0],
    [design, machine, duty],
  )
  if (!today || points.length === 0) return null
  const unit = roomCelsius === null ? 'K' : '°C'
  return (
    <section aria-label="Fans against the warmest drive" className={styles.curve}>
      <h2>
        Fans against the warmest drive
        <span className="aside">band of the model; the dot is today</span>
      </h2>
      <div
        role="img"
        aria-label={`Fans at ${format.percent(duty)}: ${warmthWords(today.kelvin, roomCelsius)}; at full speed ${warmthWords((points.at(-1) ?? today).kelvin, roomCelsius)}`}
      >
        <ComposedChart
          width={430}
          height={210}
          data={points}
          margin={{ top: 10, right: 16, bottom: 18, left: 0 }}
          accessibilityLayer={false}
        >
          <CartesianGrid stroke="var(--line-soft)" />
          <XAxis
            dataKey="speed"
            type="number"
            domain={[20, 100]}
            ticks={[20, 40, 60, 80, 100]}
            tickFormatter={(speed: number) => `${format.number(speed)} %`}
            stroke="var(--ink-soft)"
          />
          <YAxis
            domain={['auto', 'auto']}
            tickFormatter={(value: number) => `${format.number(value)} ${unit}`}
            stroke="var(--ink-soft)"
            width={56}
          />
          <Area
            dataKey="band"
            stroke="none"
            fill="var(--load-some)"
            fillOpacity={0.35}
            isAnimationActive={false}
          />
          <Line
            dataKey="likely"
            stroke="var(--ink)"
            strokeWidth={2}
            dot={false}
            isAnimationActive={false}
          />
          {roomCelsius !== null && (
            <ReferenceLine
              y={driveCelsiusAdvised}
              ifOverflow="extendDomain"
              stroke="var(--ink-soft)"
              strokeDasharray="5 4"
              label={{ value: 'advised', position: 'insideTopRight', fill: 'var(--ink-soft)' }}
            />
          )}
          {roomCelsius !== null && (
            <ReferenceLine
              y={driveCelsiusMost}
              ifOverflow="extendDomain"
              stroke="var(--ink)"
              strokeDasharray="2 3"
              label={{ value: 'the most', position: 'insideTopRight', fill: 'var(--ink)' }}
            />
          )}
          <ReferenceDot
            x={today.speed}
            y={today.likely}
            r={5}
            fill="var(--spark)"
            stroke="var(--paper)"
          />
        </ComposedChart>
      </div>
    </section>
  )
}

function pointAt(design: Design, machine: Machine, speed: number) {
  const air = { ...design.air, fanDuty: speed / 100 }
  const heat = machineHeat({ ...design, air }, machine, airFlow(machine, air), HOTTEST_STATE)
  const row = warmestRow(heat)
  if (!row) return []
  const room = design.brief.roomCelsius ?? 0
  const { kelvin } = row
  return [
    {
      speed,
      kelvin,
      likely: room + kelvin.likely,
      band: [room + kelvin.low, room + kelvin.high],
    },
  ]
}
