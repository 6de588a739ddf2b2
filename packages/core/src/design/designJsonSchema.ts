import { z } from 'zod'
import { designSchema } from './design'

/** The design document's schema for other programs. Source: JSON Schema, draft 2020-12. */
export function designJsonSchema(): Record<string, unknown> {
  return {
    ...z.toJSONSchema(designSchema, { io: 'input' }),
    title: 'Flint Shelf design document',
    description:
      'Sizes in bytes, lengths in millimetres, power in watts, money in whole minor units (cents).',
  }
}
