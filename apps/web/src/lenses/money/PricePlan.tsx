import type { Design } from '@flint/core/editing'
import { type CostFigure, type Machine, piecePrices } from '@flint/core/figures'
import { arrangementOf } from '../../drawing/arrangement'
import { planBoxes } from '../../drawing/planBoxes'
import type { Label } from '../../drawing/placeLabels'
import { PlanView } from '../../drawing/PlanView'
import { format } from '../../controls/locale'

interface PricePlanProps {
  design: Design
  machine: Machine
  cost: CostFigure
  widthPx: number
  pointedPartIds: readonly string[]
}

/** Where the tag of the drives stands along their length. For the drawing only. */
const ON_DRIVES_MM = 72

/** The machine with its cover off, with a price tag on what is bought. */
export function PricePlan({ design, machine, cost, widthPx, pointedPartIds }: PricePlanProps) {
  return (
    <PlanView
      machine={machine}
      design={design}
      widthPx={widthPx}
      pointedPartIds={pointedPartIds}
      hidesBayWords
      overlayLabels={(pxPerMm) => tagsOf(design, machine, cost, pxPerMm)}
    />
  )
}

/** A tag for each box of the drawing, and one for the drives of each block of bays. */
function tagsOf(design: Design, machine: Machine, cost: CostFigure, pxPerMm: number): Label[] {
  const arrangement = arrangementOf(machine)
  if (!arrangement) return []
  const prices = piecePrices(cost, design)
  const money = (minor: number): string => format.roundMoney(minor, cost.currency)
  const boxes = planBoxes(machine, arrangement).flatMap((box): Label[] => {
    const minor = prices.get(box.id)
    if (minor === undefined) return []
    return [
      {
        id: `price ${box.id}`,
        text: money(minor),
        x: (box.frontMm + box.depthMm * 0.75) * pxPerMm,
        y: (box.acrossMm + box.widthMm * 0.75) * pxPerMm,
        look: 'chip',
      },
    ]
  })
  const isUpright = arrangement.plane === 'upright'
  const drives = machine.bays.flatMap(({ id, leftMm, topMm, widthMm, heightMm }) => {
    const minor = prices.get(machine.driveIn.get(id) ?? '')
    if (minor === undefined) return []
    return [{ minor, acrossMm: isUpright ? topMm + heightMm / 2 : leftMm + widthMm / 2 }]
  })
  const [first] = drives
  if (!first) return boxes
  const sum = drives.reduce((all, { minor }) => all + minor, 0)
  const middleMm = drives.reduce((all, { acrossMm }) => all + acrossMm, 0) / drives.length
  return [
    ...boxes,
    {
      id: 'price of drives',
      text: `${format.counted(drives.length, 'drive')} ${money(sum)}`,
      x: ON_DRIVES_MM * pxPerMm,
      y: middleMm * pxPerMm,
      look: 'chip',
    },
  ]
}
