import { sameValue } from '@flint/core/editing'
import { memo } from 'react'
import { type Label, placeLabels } from './placeLabels'
import styles from './plan.module.css'

interface PlanLabelsProps {
  labels: readonly Label[]
  width: number
  height: number
}

/** The words of a drawing, over everything else on it and never over each other. */
export const PlanLabels = memo(function PlanLabels({ labels, width, height }: PlanLabelsProps) {
  return (
    <svg className={styles.labels} width={width} height={height} aria-hidden="true">
      {placeLabels(labels, { width, height }).map((label) => {
        const { id, text, whole, look, left, top, from } = label
        return (
          <g key={id} data-plan-label={whole}>
            {from && (
              <line
                x1={from.x}
                y1={from.y}
                x2={Math.max(left, Math.min(from.x, left + label.width))}
                y2={top + label.height / 2}
                className={styles.leader}
              />
            )}
            <rect
              x={left}
              y={top}
              width={label.width}
              height={label.height}
              className={look === 'chip' ? styles.chip : styles.labelPaper}
            />
            <text
              x={left + label.width / 2}
              y={top + label.height / 2}
              dy="0.35em"
              textAnchor="middle"
              className={look === 'missed' ? styles.tooFar : styles.words}
            >
              {text}
              {text !== whole && <title>{whole}</title>}
            </text>
          </g>
        )
      })}
    </svg>
  )
}, sameValue)
