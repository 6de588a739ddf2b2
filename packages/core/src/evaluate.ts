import { bayPlan } from './design/bayUse'
import type { DesignDocument } from './design/document'
import type { Finding, Measured } from './findings/finding'
import type { Figures } from './findings/rule'
import { findingsOf } from './findings/rules'
import { judgeLimits } from './limits/limits'
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
  const say = spellerFor(locale)
  const measured: Measured = {
    capacity: designCapacity(document),
    survival: designSurvival(document),
    power: idlePower(document),
    cost: billOfMaterials(document),
    bays: bayPlan(document),
  }
  const figures: Figures = { ...measured, limits: judgeLimits(document, measured, say) }
  return { ...figures, findings: findingsOf(document, figures, say) }
}
