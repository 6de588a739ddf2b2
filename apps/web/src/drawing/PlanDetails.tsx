import { sameValue } from '@flint/core/editing'
import { memo } from 'react'
import type { Detail } from './detail'
import { hatchFill } from './hatches'
import styles from './plan.module.css'

interface DrawnProps {
  pxPerMm: number
  /** What choosing a piece in the drawing does. */
  onChoose: ((pieceId: string) => void) | undefined
}

interface PlanDetailsProps extends DrawnProps {
  details: readonly Detail[]
}

/**
 * What is sketched of a machine beside its large boxes, to scale. Details are made anew for each machine, so they are
 * compared by what they say, all of them and then one by one.
 */
export const PlanDetails = memo(function PlanDetails({ details, ...drawn }: PlanDetailsProps) {
  return (
    <>
      {details.map((detail) => (
        <PlanDetail key={detail.id} detail={detail} {...drawn} />
      ))}
    </>
  )
}, sameValue)

interface PlanDetailProps extends DrawnProps {
  detail: Detail
}

const PlanDetail = memo(function PlanDetail({ detail, pxPerMm, onChoose }: PlanDetailProps) {
  const { look, words, pieceId } = detail
  const title = words === '' ? null : <title>{words}</title>
  // What says nothing by itself leaves the pointer to what it lies on.
  const isThrough = words === ''
  const isChoosable = onChoose !== undefined && pieceId !== undefined && !isThrough
  const drawn = {
    className: [styles[look], isThrough && styles.through, isChoosable && styles.choosable]
      .filter(Boolean)
      .join(' '),
    onClick: isChoosable
      ? () => {
          onChoose(pieceId)
        }
      : undefined,
  }
  switch (detail.shape) {
    case 'rect':
      return (
        <rect
          x={detail.x * pxPerMm}
          y={detail.y * pxPerMm}
          width={detail.width * pxPerMm}
          height={detail.height * pxPerMm}
          {...drawn}
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
          {...drawn}
        >
          {title}
        </circle>
      )
    case 'line':
      return (
        <polyline
          points={detail.points.map(({ x, y }) => `${x * pxPerMm},${y * pxPerMm}`).join(' ')}
          {...drawn}
        >
          {title}
        </polyline>
      )
  }
}, sameValue)
