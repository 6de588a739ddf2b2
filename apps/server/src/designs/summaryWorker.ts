import type { Design } from '@flint/core/editing'
import { type DesignSummary, designSummary } from '@flint/core/figures'

export default (design: Design): DesignSummary => designSummary(design)
