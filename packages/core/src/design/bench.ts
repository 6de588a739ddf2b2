import { z } from 'zod'

/** What has been done at the bench, and what was tried there. */
const tick = z.strictObject({
  /** The step of the checklist. */
  step: z.string().min(1).max(200),
  /** When it was done, as ISO 8601 has it. */
  at: z.iso.datetime(),
  note: z.string().max(400).default(''),
})
export type Tick = z.infer<typeof tick>

/** A swap at the bench, and where the errors went. */
export const SWAP_OUTCOMES = ['errors went with it', 'errors stayed'] as const
export const swapTrial = z.strictObject({
  /** What was changed, as the tracing names it: parts that the errors would go with. */
  moved: z.array(z.string().max(200)).min(1).max(64),
  outcome: z.enum(SWAP_OUTCOMES),
  at: z.iso.datetime(),
})
export type SwapTrial = z.infer<typeof swapTrial>

export const benchNotes = z.strictObject({
  ticks: z.array(tick).max(2_000).default([]),
  trials: z.array(swapTrial).max(200).default([]),
})
export type BenchNotes = z.infer<typeof benchNotes>

export const NO_BENCH_NOTES: BenchNotes = { ticks: [], trials: [] }
