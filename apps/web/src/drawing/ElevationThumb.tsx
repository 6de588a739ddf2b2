import type { SmallFront } from '@flint/core/figures'
import { hatchFill } from './hatches'

const PX_PER_MM = 0.36

/** How much of a bay the hatch of its group covers at most. */
const WIDEST_HATCH_MM = 30

/** The front of a design, small and to one scale for all, for the shelf. */
export function ElevationThumb({ front }: { front: SmallFront }) {
  const { widthMm, heightMm, fronts, bays } = front
  if (fronts.length === 0) return null
  return (
    <svg
      width={widthMm * PX_PER_MM}
      height={heightMm * PX_PER_MM}
      viewBox={`-1 -1 ${widthMm + 2} ${heightMm + 2}`}
      aria-hidden="true"
    >
      {fronts.map((one) => (
        <rect
          key={one.partId}
          y={one.topMm}
          width={one.widthMm}
          height={one.heightMm}
          fill="var(--paper-sunk)"
          stroke="var(--line)"
          strokeWidth="3"
        />
      ))}
      {bays.flatMap(({ holds, boxes }) =>
        boxes.map(([x, y, width, height]) => (
          <g key={`${x} ${y}`}>
            <rect
              x={x}
              y={y}
              width={width}
              height={height}
              fill={holds === 'nothing' ? 'none' : 'var(--paper-raised)'}
              stroke="var(--line)"
              strokeWidth="2"
              strokeDasharray={holds === 'nothing' ? '6 5' : undefined}
            />
            {typeof holds === 'object' && (
              <rect
                x={x}
                y={y}
                width={Math.min(width, WIDEST_HATCH_MM)}
                height={height}
                fill={hatchFill(holds.groupIndex)}
              />
            )}
          </g>
        )),
      )}
    </svg>
  )
}
