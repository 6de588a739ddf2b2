import { sameValue } from '@flint/core/editing'
import { memo } from 'react'
import type { PlanBoxShape } from './planBoxes'
import styles from './plan.module.css'

/** Of a card, behind which it is screwed to the case. For the drawing only. */
const BRACKET_MM = 4

interface PlanBoxProps {
  box: PlanBoxShape
  pxPerMm: number
  highlighted: boolean
  onChoose: ((pieceId: string) => void) | undefined
}

/** Made anew for each machine, so it is compared by what it says. */
export const PlanBox = memo(function PlanBox({
  box,
  pxPerMm,
  highlighted,
  onChoose,
}: PlanBoxProps) {
  const { frontMm, acrossMm, depthMm, widthMm, overMm, what, isAssumed } = box
  const look =
    highlighted || overMm > 0 ? styles.highlighted : styles[what === 'board' ? what : 'part']
  return (
    <g
      transform={`translate(${frontMm * pxPerMm} ${acrossMm * pxPerMm})`}
      className={onChoose && styles.choosable}
      data-plan-part={box.id}
      onClick={() => onChoose?.(box.id)}
    >
      <rect
        width={depthMm * pxPerMm}
        height={widthMm * pxPerMm}
        className={`${look ?? ''} ${isAssumed ? (styles.assumed ?? '') : ''}`}
      >
        <title>{box.words}</title>
      </rect>
      {what === 'card' && (
        <rect
          x={(depthMm - BRACKET_MM) * pxPerMm}
          width={BRACKET_MM * pxPerMm}
          height={widthMm * pxPerMm}
          className={styles.plug}
        />
      )}
      {overMm > 0 && (
        <line
          x1={overMm * pxPerMm}
          x2={overMm * pxPerMm}
          y2={widthMm * pxPerMm}
          className={styles.missed}
        />
      )}
    </g>
  )
}, sameValue)
