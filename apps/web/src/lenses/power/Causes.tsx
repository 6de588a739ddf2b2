import type { Cause } from '@flint/core/figures'
import { CAUSE_WORDS } from './causeWords'

/** What to look at when a machine draws other than its plan; nothing where it does not. */
export function Causes({ causes }: { causes: readonly Cause[] }) {
  if (causes.length === 0) return null
  return (
    <>
      <h3>Where to look, in this order</h3>
      <ol>
        {causes.map((cause) => (
          <li key={cause}>{CAUSE_WORDS[cause]}</li>
        ))}
      </ol>
    </>
  )
}
