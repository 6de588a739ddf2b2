// Writes the JSON Schemas of the design document and of collected files, and the columns of part files, made from the core.
import { writeFileSync } from 'node:fs'
import { collectedJsonSchema, columnsMarkdown, designJsonSchema } from '@flint/core/files'

writeFileSync('docs/design.schema.json', `${JSON.stringify(designJsonSchema(), null, 2)}\n`)
writeFileSync('docs/collected.schema.json', `${JSON.stringify(collectedJsonSchema(), null, 2)}\n`)
writeFileSync('docs/part-columns.md', columnsMarkdown())
