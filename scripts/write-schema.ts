// Writes the JSON Schema of the design document and the columns of part files, made from the core.
import { writeFileSync } from 'node:fs'
import { columnsMarkdown, designJsonSchema } from '@flint/core/files'

writeFileSync('docs/design.schema.json', `${JSON.stringify(designJsonSchema(), null, 2)}\n`)
writeFileSync('docs/part-columns.md', columnsMarkdown())
