// Writes the JSON Schema of the design document, made from the one in the core.
import { writeFileSync } from 'node:fs'
import { designJsonSchema } from '@flint/core'

writeFileSync('docs/design.schema.json', `${JSON.stringify(designJsonSchema(), null, 2)}\n`)
