import { z } from 'zod'
import { DATA_PLUGS, POWER_PLUGS } from './plugs'
import { count, maybe, millimetres } from './sheetFields'

export const fromEdge = z.number().min(0).max(5_000)

/** What a backplane takes at its back, instead of a plug on every drive. */
export const backplane = z.strictObject({
  dataPlug: z.enum(DATA_PLUGS),
  dataPlugs: count,
  powerPlug: z.enum(POWER_PLUGS),
  powerPlugs: z.int().min(1).max(100),
  carriesNvme: maybe(z.boolean()).describe(
    'Whether NVMe drives work in its bays, as on a U.2 backplane.',
  ),
  startSecondsApart: maybe(z.number().min(0).max(60)).describe(
    'Seconds that it lets pass between the starts of its drives; 0 for all at once.',
  ),
})
export type Backplane = z.infer<typeof backplane>

/** How a block of equal bays is laid out, wherever it is put. */
export const bayGrid = {
  formFactor: z.enum(['3.5', '2.5']),
  access: z.enum(['hot-swap', 'internal']),
  rows: z.int().min(1).max(30),
  columns: z.int().min(1).max(30),
  bayWidthMm: millimetres,
  bayHeightMm: millimetres,
  gapMm: z.number().min(0).max(500),
  backplane: maybe(backplane).describe(
    'What its backplane takes; null for plugs on the drives themselves.',
  ),
}

type BayGrid = z.infer<z.ZodObject<typeof bayGrid>>

/** How the bays of a sheet are laid out, without the rest of it. */
export function gridOf(sheet: BayGrid): BayGrid {
  const { formFactor, access, rows, columns, bayWidthMm, bayHeightMm, gapMm, backplane } = sheet
  return { formFactor, access, rows, columns, bayWidthMm, bayHeightMm, gapMm, backplane }
}
