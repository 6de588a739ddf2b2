import type { StepId } from '../catalogue/steps'
import type { Edit } from '../design/edits/edit'
import type { Missing } from '../units/amount'

/** `blocks`: it cannot be built or used so. `risks`: it can, and may hurt. `note`: worth knowing. */
export type Severity = 'blocks' | 'risks' | 'note'

/** Pieces and groups that something is about. */
export interface About {
  partIds: readonly string[]
  groupIds: readonly string[]
}

/** What a rule finds, as facts; its sentence is made of them when it is shown. */
export interface Found<Facts extends object> extends About {
  severity: Severity
  /** Where it differs from the step of the rule. */
  step?: StepId
  facts: Facts
  fix: Edit | null
}

/** What a rule cannot tell for want of values; it never passes in silence. */
export interface Lack extends About {
  missing: readonly Missing[]
}

/** One finding about a design, plain data without a word of any language. */
export interface Finding<
  Code extends string = string,
  Facts extends object = object,
> extends About {
  /** Stable, for tests, links and people who ask about it. */
  code: Code
  severity: Severity
  step: StepId
  facts: Facts
  /** What does away with it, as data; `applyEdit` does it. */
  fix: Edit | null
}

/** What is said where a rule lacks values. */
export interface LackFacts {
  missing: readonly Missing[]
}

/** Whether a finding only says that values are missing. */
export function isLack(finding: Finding): finding is Finding<string, LackFacts> {
  return 'missing' in finding.facts
}

interface Concerns {
  parts?: readonly { id: string }[]
  partIds?: readonly string[]
  groupIds?: readonly string[]
}

const aboutOf = ({ parts = [], partIds = [], groupIds = [] }: Concerns): About => ({
  partIds: [...parts.map(({ id }) => id), ...partIds],
  groupIds: [...groupIds],
})

/**
 * Something found.
 * @param facts what the sentence is made of; for a rule that has nothing more to say, no fields
 */
export function found<Facts extends object>(
  severity: Severity,
  concerns: Concerns,
  facts: Facts,
  { fix = null, step }: { fix?: Edit | null; step?: StepId } = {},
): Found<Facts> {
  return { severity, ...(step && { step }), ...aboutOf(concerns), facts, fix }
}

/** Something that cannot be told, and the values that are missing for it. */
export function lack(missing: readonly Missing[], concerns: Concerns): Lack {
  return { ...aboutOf(concerns), missing }
}
