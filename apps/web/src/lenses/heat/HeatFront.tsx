import type { Design } from '@flint/core/editing'
import type { HeatFigure, Machine } from '@flint/core/figures'
import { type BayLook, PlainFront } from '../../drawing/PlainFront'
import { limitsOver } from './AirPlan'
import { warmthLabel } from './heatWords'
import styles from './heat.module.css'

interface HeatFrontProps {
  design: Design
  machine: Machine
  heat: HeatFigure
  pointedPartIds: readonly string[]
}

/** The front where the air goes in, each bay with how warm its row gets. */
export function HeatFront({ design, machine, heat, pointedPartIds }: HeatFrontProps) {
  const { rows, roomCelsius } = heat
  const { advised, most } = limitsOver(design, roomCelsius)
  const rowOf = new Map(rows.flatMap((row) => row.bayIds.map((id) => [id, row] as const)))
  const lookOf = (bayId: string): BayLook | null => {
    const row = rowOf.get(bayId)
    if (!row || !machine.driveIn.has(bayId)) return null
    const mark = row.kelvin.high > most ? '△ ' : ''
    return {
      className: row.kelvin.likely > advised ? styles.warmBay : styles.coolBay,
      words: `${mark}${warmthLabel(row.kelvin, roomCelsius)}`,
    }
  }
  return (
    <PlainFront
      machine={machine}
      pointedPartIds={pointedPartIds}
      lookOf={lookOf}
      caption="Air goes in past every bay that is not closed; each says how warm its row gets."
    />
  )
}
