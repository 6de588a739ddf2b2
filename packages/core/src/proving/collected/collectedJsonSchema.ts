import { z } from 'zod'
import { collectedFile } from './collectedFile'

/** What `tools/flint-collect.sh` writes, as JSON Schema 2020-12. */
export function collectedJsonSchema(): object {
  return z.toJSONSchema(collectedFile, { io: 'input' })
}
