import type { Detail } from './detail'
import { hatchFill } from './hatches'
import styles from './plan.module.css'

/** What is sketched of a machine beside its large boxes, to scale. */
export function PlanDetails({ details, pxPerMm }: { details: readonly Detail[]; pxPerMm: number }) {
  return (
    <>
      {details.map((detail) => (
        <PlanDetail key={detail.id} detail={detail} pxPerMm={pxPerMm} />
      ))}
    </>
  )
}

function PlanDetail({ detail, pxPerMm }: { detail: Detail; pxPerMm: number }) {
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
}
