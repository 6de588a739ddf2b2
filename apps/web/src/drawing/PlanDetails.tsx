import { sameValue } from '@flint/core/editing'
import { memo } from 'react'
import type { Detail } from './detail'
import { hatchFill } from './hatches'
import styles from './plan.module.css'

interface PlanDetailsProps {
  details: readonly Detail[]
  pxPerMm: number
}

/**
 * What is sketched of a machine beside its large boxes, to scale. Details are made anew for each machine, so they are
 * compared by what they say, all of them and then one by one.
 */
export const PlanDetails = memo(function PlanDetails({ details, pxPerMm }: PlanDetailsProps) {
  return (
    <>
      {details.map((detail) => (
        <PlanDetail key={detail.id} detail={detail} pxPerMm={pxPerMm} />
      ))}
    </>
  )
}, sameValue)

interface PlanDetailProps {
  detail: Detail
  pxPerMm: number
}

const PlanDetail = memo(function PlanDetail({ detail, pxPerMm }: PlanDetailProps) {
  const { look, words } = detail
  const title = words === '' ? null : <title>{words}</title>
  const className = styles[look]
  switch (detail.shape) {
    case 'rect':
      return (
        <rect
          x={detail.x * pxPerMm}
          y={detail.y * pxPerMm}
          width={detail.width * pxPerMm}
          height={detail.height * pxPerMm}
          className={className}
          style={detail.hatch === undefined ? undefined : { fill: hatchFill(detail.hatch) }}
        >
          {title}
        </rect>
      )
    case 'circle':
      return (
        <circle
          cx={detail.x * pxPerMm}
          cy={detail.y * pxPerMm}
          r={detail.radius * pxPerMm}
          className={className}
        >
          {title}
        </circle>
      )
    case 'line':
      return (
        <polyline
          points={detail.points.map(({ x, y }) => `${x * pxPerMm},${y * pxPerMm}`).join(' ')}
          className={className}
        >
          {title}
        </polyline>
      )
  }
}, sameValue)
