import type { StepId } from '../catalogue/steps'

/** What every machine needs before it can be built, in the order in which it is chosen. */
export const CHOICES_NEEDED = [
  'chassis',
  'rails',
  'trays',
  'supply',
  'board',
  'cpu',
  'cooler',
  'memory',
  'boot',
  'drives',
  'layout',
  'cables',
  'adapters',
] as const
export type ChoiceNeeded = (typeof CHOICES_NEEDED)[number]

/** Something that a design still needs. */
export interface OpenChoice {
  choice: ChoiceNeeded
  /** How many of it. */
  count: number
  /** What exactly, where the choice alone does not say it: the kind of cable, say. */
  which: string | null
  step: StepId
  /** The switch of that step where it is chosen; null for what is chosen on the drawing. */
  title: string | null
}
