import type { RevisionFigures } from '@flint/contract'
import type { DesignSummary } from '@flint/core/figures'

/** What of a summary is kept with a revision: the figures of the ledger. */
export const revisionFigures = ({
  capacity,
  survival,
  power,
  cost,
  limits,
}: DesignSummary): RevisionFigures => ({ capacity, survival, power, cost, limits })
