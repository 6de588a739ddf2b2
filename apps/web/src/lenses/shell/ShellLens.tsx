import { PartsLens } from '../PartsLens'
import { MainsSection } from './MainsSection'

/** The case, where it stands, and the supply that must fit it. */
export function ShellLens() {
  return (
    <PartsLens title="Shell" step="shell" showsFronts>
      <MainsSection />
    </PartsLens>
  )
}
