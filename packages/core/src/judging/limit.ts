import type { ChoiceNeeded } from './choiceNeeded'
import type { Given } from './given'
import type { Judged } from './judgedLimit'
import type { Words } from './words'

/** One limit of a brief: its figure, and the words for it. */
export interface Limit<Id extends string, Facts extends object> {
  id: Id
  /** What is limited: "Noise". */
  title: string
  /** While one of these is still to be chosen, it cannot be kept. */
  dependsOn: readonly ChoiceNeeded[]
  /** Null when the brief does not set it. */
  judge: (given: Given) => Judged<Facts> | null
  /** What the brief says, as a person reads it. */
  wanted: (judged: Judged<Facts>, words: Words) => string
  /** What the design has. */
  has: (judged: Judged<Facts>, words: Words) => string
}
