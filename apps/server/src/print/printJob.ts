import type { Design } from '@flint/core/editing'

/** What of a design is wanted on paper. */
export interface PrintJob {
  design: Design
  locale: string
  what: 'part list' | 'labels'
}
