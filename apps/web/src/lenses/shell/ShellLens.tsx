import { type PartChoice, PartsLens } from '../PartsLens'

const CHOICES: readonly PartChoice[] = [
  { title: 'Chassis', noun: 'chassis', kinds: ['chassis'] },
  { title: 'Place', noun: 'place', kinds: ['place'] },
  { title: 'Supply', noun: 'supply', kinds: ['supply'] },
]

/** The case, where it stands, and the supply that must fit it. */
export function ShellLens() {
  return <PartsLens title="Shell" choices={CHOICES} />
}
