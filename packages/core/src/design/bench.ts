import { z } from 'zod'
import { askedPrice } from '../catalogue/askedPrice'
import { partSheet } from '../catalogue/partKinds'
import { maybe } from '../catalogue/sheetFields'
import { documentId } from './pools/poolFields'

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

/** As many as a design has pieces. */
const MOST_PIECES = 1_024

/** How the burn-in of a drive goes. */
export const burnIn = z.strictObject({
  pieceId: documentId,
  startedAt: z.iso.datetime(),
  /** Of all that is to be written and read, as it was last looked up; null where nobody has looked. */
  doneShare: z.number().min(0).max(1).nullable().default(null),
  /** When that was. */
  lookedAt: z.iso.datetime().nullable().default(null),
  endedAt: z.iso.datetime().nullable().default(null),
})
export type BurnIn = z.infer<typeof burnIn>

/** A piece in whose place another part was planned. The design itself says what was fitted, and computes with that. */
export const insteadOfPlanned = z.strictObject({
  pieceId: documentId,
  on: z.iso.date().nullable().default(null),
  note: z.string().max(400).default(''),
  planned: z.strictObject({
    slug: z.string().max(80).nullable(),
    catalogueVersion: z.int().min(0).max(1_000_000),
    sheet: partSheet,
    price: maybe(askedPrice),
  }),
})
export type InsteadOfPlanned = z.infer<typeof insteadOfPlanned>

export const benchNotes = z.strictObject({
  ticks: z.array(tick).max(2_000).default([]),
  trials: z.array(swapTrial).max(200).default([]),
  burnIns: z.array(burnIn).max(MOST_PIECES).default([]),
  instead: z.array(insteadOfPlanned).max(MOST_PIECES).default([]),
})
export type BenchNotes = z.infer<typeof benchNotes>

export const NO_BENCH_NOTES: BenchNotes = { ticks: [], trials: [], burnIns: [], instead: [] }
