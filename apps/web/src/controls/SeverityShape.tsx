import type { Severity } from '@flint/core/figures'
import { memo } from 'react'

const WORDS: Record<Severity, string> = { blocks: 'blocks', risks: 'risk', note: 'note' }

/** A shape for each severity, so that colour never says it alone. */
export const SeverityShape = memo(function SeverityShape({ severity }: { severity: Severity }) {
  return (
    <svg
      width="13"
      height="13"
      viewBox="0 0 14 14"
      role="img"
      aria-label={WORDS[severity]}
      style={{ flex: 'none', verticalAlign: '-2px' }}
      fill="none"
      stroke="currentColor"
      strokeWidth="1.5"
    >
      {severity === 'blocks' && <path d="M1.5 1.5h11v11h-11zM4 4l6 6M10 4l-6 6" />}
      {severity === 'risks' && <path d="M7 1.5 13 12.5H1z" />}
      {severity === 'note' && <circle cx="7" cy="7" r="4.5" />}
    </svg>
  )
})
