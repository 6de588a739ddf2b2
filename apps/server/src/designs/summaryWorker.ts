import type { DesignSummary } from '@flint/core/figures'
import { SavedSummaries } from './savedSummaries'
import type { ToSummarise } from './summariser'

const summaries = new SavedSummaries()

export default ({ designId, design }: ToSummarise): DesignSummary => summaries.of(designId, design)
