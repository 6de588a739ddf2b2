import type { z } from 'zod'
import type { Formatter } from '../units/formatter'
import type { Draws } from './draws'
import type { Need } from './needs'
import type { Offer, OfferKind } from './offers'
import type { StepId } from './steps'

/** Where a part is chosen: the step, and the switch in it that several kinds may share. */
export interface ChosenIn<Sheet = never> {
  step: StepId
  /** On the switch: "Cards". */
  title: string
  /** What one of them is called there: "card". */
  noun: string
  /** Which of the kind; all where it is left out. */
  takes?: (sheet: Sheet) => boolean
}

/** Another value of the same sheet, and what it has to be. */
export type OnlyWhere<Sheet> = {
  [Name in keyof Sheet & string]: { name: Name; is: NonNullable<Sheet[Name]> }
}[keyof Sheet & string]

/**
 * All there is to know about a kind of part. A new kind is one file with one of these and one line in
 * `partKinds.ts`; what is forgotten here does not compile, and what is here is known everywhere.
 */
export interface PartKindDefinition<Sheet> {
  schema: z.ZodType<Sheet>
  /** "bay cage" and "bay cages". */
  words: { one: string; many: string }
  /** The first that takes a part has it. */
  chosenIn: readonly ChosenIn<Sheet>[]
  /**
   * `one`: another takes its place. `one or more`: the same, but another may be added on wish. An offer's kind:
   * as many as the machine has of that.
   */
  count: 'one' | 'one or more' | 'many' | OfferKind
  /** `inside` is fed by the machine's supply and lifted with it; `nowhere` is not bought at all. */
  stands: 'inside' | 'beside' | 'nowhere'
  needs: (sheet: Sheet) => Need[]
  offers: (sheet: Sheet) => Offer[]
  /** Where its data sheet has its watts. */
  draws: Draws<Sheet>
  /** Whether the CPU may sleep deeply beside it; null when no data sheet says it. */
  permitsDeepIdle: (sheet: Sheet) => boolean | null
  /** Sound pressure at one metre, idle, dB(A); null when no data sheet says it. */
  decibels: (sheet: Sheet) => number | 'silent' | null
  /** Values that say something only beside another one, as the lanes of an NVMe drive; all others always do. */
  onlyWhere?: Readonly<Partial<Record<keyof Sheet & string, OnlyWhere<Sheet>>>>
  /** What a builder looks at first; null is left out. */
  highlights: (sheet: Sheet, format: Formatter) => (string | null)[]
}

/** What has no say in whether the CPU sleeps. */
export const permitsAlways = (): boolean => true
/** What makes no sound. */
export const silent = (): 'silent' => 'silent'
/** What takes or has nothing. */
export const none = (): never[] => []

export const inMillimetres = (value: number | null, format: Formatter): string | null =>
  value === null ? null : `${format.number(value, 1)} mm`
export const inWatts = (value: number | null, what: string, format: Formatter): string | null =>
  value === null ? null : `${format.watts(value, 1)} ${what}`
