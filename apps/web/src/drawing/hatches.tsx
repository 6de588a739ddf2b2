const STRIPES = [
  'M-2 8 8 -2M-2 2 2 -2M4 10 10 4',
  'dots',
  'M0 3H8',
  'M3 0V8',
  'M-2 0 8 10M-2 6 2 10M4 -2 10 4',
  'M0 4H8M4 0V8',
]

/** How many groups can be told apart by hatch and colour together before they repeat. */
const HATCH_COUNT = STRIPES.length

/** The hatch of a group; the letter beside it carries the same, so colour never stands alone. */
export function hatchFill(groupIndex: number): string {
  return `url(#hatch-${groupIndex % HATCH_COUNT})`
}

/** The hatch of what serves a pool beside its groups; it has no colour of a group. */
export const SERVICE_FILL = 'url(#serves)'

/** The patterns themselves, once on a page. */
export function HatchDefinitions() {
  return (
    <svg width="0" height="0" style={{ position: 'absolute' }} aria-hidden="true" focusable="false">
      <defs>
        <pattern id="spare-area" width="7" height="7" patternUnits="userSpaceOnUse">
          <path d="M-1 8 8 -1" stroke="var(--line-soft)" strokeWidth="1" fill="none" />
        </pattern>
        <pattern id="serves" width="8" height="8" patternUnits="userSpaceOnUse">
          <path d="M1 2H4M5 6H8" stroke="var(--ink-soft)" strokeWidth="1.2" fill="none" />
        </pattern>
        {STRIPES.map((path, index) => (
          <pattern
            key={path}
            id={`hatch-${index}`}
            width="8"
            height="8"
            patternUnits="userSpaceOnUse"
          >
            <rect width="8" height="8" fill={`var(--group-${index})`} />
            {path === 'dots' ? (
              <g fill="var(--paper-raised)">
                <circle cx="2" cy="2" r="1.1" />
                <circle cx="6" cy="6" r="1.1" />
              </g>
            ) : (
              <path d={path} stroke="var(--paper-raised)" strokeWidth="1.2" fill="none" />
            )}
          </pattern>
        ))}
      </defs>
    </svg>
  )
}

export function HatchSwatch({ groupIndex, size = 16 }: { groupIndex: number; size?: number }) {
  return (
    <svg width={size} height={size} aria-hidden="true" style={{ flex: 'none' }}>
      <rect
        x="0.5"
        y="0.5"
        width={size - 1}
        height={size - 1}
        fill={hatchFill(groupIndex)}
        stroke="var(--line)"
      />
    </svg>
  )
}
