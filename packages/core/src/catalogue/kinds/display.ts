import { z } from 'zod'
import { cardFields, sheetBase } from '../sheetFields'

/** A plain display card, for boards without a display socket of their own. */
export const displaySheet = z
  .strictObject({
    kind: z.literal('display'),
    ...sheetBase,
    ...cardFields,
  })
  .meta({ title: 'display card', plural: 'display cards' })
