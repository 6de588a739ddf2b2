import type { ChoiceNeeded } from './choiceNeeded'

/** What draws power, so that no figure of watts is whole without it. */
export const DRAWS_POWER: readonly ChoiceNeeded[] = [
  'chassis',
  'supply',
  'board',
  'cpu',
  'cooler',
  'memory',
  'boot',
  'drives',
]
