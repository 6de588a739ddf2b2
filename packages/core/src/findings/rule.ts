import type { DesignDocument } from '../design/document'
import type { JudgedLimit } from '../limits/limit'
import type { Speller } from '../units/speller'
import type { Finding, Measured } from './finding'

/** All figures of a design and how they stand to its brief; what the rules look at. */
export interface Figures extends Measured {
  limits: JudgedLimit[]
}

/** One rule: looks at a design and its figures, gives what it finds. */
export type Rule = (document: DesignDocument, figures: Figures, say: Speller) => Finding[]
