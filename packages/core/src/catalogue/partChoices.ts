import { kindOf, PART_KINDS, partKinds, type PartSheet } from './partKinds'
import type { ChosenIn } from './partKindDefinition'
import type { StepId } from './steps'

/** One switch of a step: what is chosen there, of one kind or several. */
export interface PartChoice {
  /** On the switch: "Cards". */
  title: string
  /** What one of them is called there: "card". */
  noun: string
  takes: (sheet: PartSheet) => boolean
}

const ALL: readonly ChosenIn[] = PART_KINDS.flatMap((kind) => [...partKinds[kind].chosenIn])

/** Where a part is chosen. */
export function chosenIn(sheet: PartSheet): Pick<ChosenIn, 'step' | 'title'> | undefined {
  return kindOf(sheet).chosenIn.find(({ takes }) => takes?.(sheet) ?? true)
}

/**
 * What is chosen in a step, in the order of the kinds.
 *
 * @example partChoices('shell')[0].title // 'Chassis'
 */
export function partChoices(step: StepId): PartChoice[] {
  const first = new Map<string, ChosenIn>()
  for (const one of ALL) {
    if (one.step === step && !first.has(one.title)) first.set(one.title, one)
  }
  return [...first.values()].map(({ title, noun }) => ({
    title,
    noun,
    takes: (sheet) => {
      const own = chosenIn(sheet)
      return own?.step === step && own.title === title
    },
  }))
}
