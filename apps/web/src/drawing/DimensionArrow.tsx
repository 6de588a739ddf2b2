import { memo } from 'react'

interface DimensionArrowProps {
  lengthPx: number
  millimetres: number
  direction: 'across' | 'down'
}

const HEAD = 6
const ROOM_FOR_TEXT = 58

/** A dimension line with its measure, as on a workshop drawing. */
export const DimensionArrow = memo(function DimensionArrow({
  lengthPx,
  millimetres,
  direction,
}: DimensionArrowProps) {
  const across = direction === 'across'
  const half = lengthPx / 2
  const gap = Math.min(ROOM_FOR_TEXT, lengthPx) / 2
  const width = across ? lengthPx : 56
  const height = across ? 20 : lengthPx
  const middle = across ? 10 : 8
  return (
    <svg width={width} height={height} aria-hidden="true" style={{ display: 'block' }}>
      <g
        stroke="var(--ink-soft)"
        fill="none"
        transform={across ? `translate(0 ${middle})` : `translate(${middle} 0) rotate(90)`}
      >
        <path
          d={`M${HEAD} -3 0 0 ${HEAD} 3M0 0H${half - gap}M${half + gap} 0H${lengthPx}M${lengthPx - HEAD} -3 ${lengthPx} 0 ${lengthPx - HEAD} 3M0 -5V5M${lengthPx} -5V5`}
        />
      </g>
      <text
        x={across ? half : middle + 8}
        y={across ? middle + 4 : half + 4}
        textAnchor={across ? 'middle' : 'start'}
        className="figure"
        fontSize="12"
        fill="var(--ink-soft)"
      >
        {across ? `${millimetres} mm` : millimetres}
      </text>
    </svg>
  )
})
