import { frontsExtent, frontsOfDesign } from '@flint/core/drawing'
import type { Design } from '@flint/core/editing'
import { bayPlan, type Machine } from '@flint/core/figures'
import { hatchFill } from './hatches'

const PX_PER_MM = 0.36

/** The front of a design, small and to one scale for all, for the shelf. */
export function ElevationThumb({ design, machine }: { design: Design; machine: Machine }) {
  const fronts = frontsOfDesign(design)
  if (fronts.length === 0) return null
  const { widthMm, heightMm } = frontsExtent(fronts)
  return (
    <svg
      width={widthMm * PX_PER_MM}
      height={heightMm * PX_PER_MM}
      viewBox={`-1 -1 ${widthMm + 2} ${heightMm + 2}`}
      aria-hidden="true"
    >
      {fronts.map((front) => (
        <rect
          key={front.partId}
          y={front.topMm}
          width={front.widthMm}
          height={front.heightMm}
          fill="var(--paper-sunk)"
          stroke="var(--line)"
          strokeWidth="3"
        />
      ))}
      {bayPlan(machine, design).bays.map(({ bay, drive }) => (
        <g key={bay.id}>
          <rect
            x={bay.leftMm}
            y={bay.topMm}
            width={bay.widthMm}
            height={bay.heightMm}
            fill={drive ? 'var(--paper-raised)' : 'none'}
            stroke="var(--line)"
            strokeWidth="2"
            strokeDasharray={drive ? undefined : '6 5'}
          />
          {drive?.member && (
            <rect
              x={bay.leftMm}
              y={bay.topMm}
              width={Math.min(bay.widthMm, 30)}
              height={bay.heightMm}
              fill={hatchFill(drive.member.lettered.index)}
            />
          )}
        </g>
      ))}
    </svg>
  )
}
