import { bayPlan } from './design/bayUse'
import type { DesignDocument } from './design/document'
import type { Figures, Finding } from './findings/finding'
import { findingsOf } from './findings/rules'
import { billOfMaterials } from './money/billOfMaterials'
import { designCapacity } from './pool/designCapacity'
import { designSurvival } from './pool/survival/designSurvival'
import { idlePower } from './power/idlePower'
import { spellerFor } from './units/speller'

export interface Evaluation extends Figures {
  findings: Finding[]
}

/**
 * Everything that is shown about a design, in one call.
 *
 * Pure: the same document and locale always give the same evaluation, and no document that
 * `parseDesign` accepts makes it throw.
 *
 * @param locale the digits in which findings write their numbers
 */
export function evaluate(document: DesignDocument, locale = 'en'): Evaluation {
  const figures: Figures = {
    capacity: designCapacity(document),
    survival: designSurvival(document),
    power: idlePower(document),
    cost: billOfMaterials(document),
    bays: bayPlan(document),
  }
  return { ...figures, findings: findingsOf(document, figures, spellerFor(locale)) }
}
