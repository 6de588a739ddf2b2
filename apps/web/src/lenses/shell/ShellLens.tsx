import type { PartChoice } from '../ChosenParts'
import { PartsLens } from '../PartsLens'
import { MainsSection } from './MainsSection'

const CHOICES: readonly PartChoice[] = [
  { title: 'Chassis', noun: 'chassis', kinds: ['chassis'] },
  { title: 'Cages', noun: 'bay cage', kinds: ['cage'] },
  { title: 'Place', noun: 'place', kinds: ['place'] },
  { title: 'Supply', noun: 'supply', kinds: ['supply'] },
  { title: 'UPS', noun: 'UPS', kinds: ['ups'] },
  { title: 'Enclosure', noun: 'enclosure', kinds: ['enclosure'] },
]

/** The case, where it stands, and the supply that must fit it. */
export function ShellLens() {
  return (
    <PartsLens title="Shell" choices={CHOICES} showsFronts>
      <MainsSection />
    </PartsLens>
  )
}
