import type { Edit } from '../design/edits/edit'
import type { StepId } from '../catalogue/steps'
import type { BayPlan } from '../machine/bayPlan'
import type { CapacityFigure } from '../pool/designCapacity'
import type { SurvivalFigure } from '../pool/survival/designSurvival'
import type { PowerFigure } from '../power/idlePower'
import type { CostFigure } from '../money/billOfMaterials'

/** `blocks`: it cannot be built or used so. `risks`: it can, and may hurt. `note`: worth knowing. */
export type Severity = 'blocks' | 'risks' | 'note'

export interface Fix {
  /** What it does, as on a button: "Move 2 drives to the bench". */
  label: string
  /** What is done, as data; `applyEdit` does it. */
  edit: Edit
}

export interface Finding {
  /** Stable, for tests, links and people who ask about it. */
  code: string
  severity: Severity
  step: StepId
  /** Pieces and groups it points at. */
  partIds: string[]
  groupIds: string[]
  /** What happens and why, one sentence. */
  sentence: string
  /** The numbers behind it, with units in their names. */
  numbers: Record<string, number>
  /** The house rule that spoke, in words, where builders disagree. */
  houseRule?: string
  fix?: Fix
}

/** What is measured of a design, before anybody judges it. */
export interface Measured {
  capacity: CapacityFigure
  survival: SurvivalFigure
  power: PowerFigure
  cost: CostFigure
  bays: BayPlan
}
