import { readFileSync } from 'node:fs'
import { type CataloguePart, catalogueFile } from '@flint/core/editing'

const { parts } = catalogueFile.parse(JSON.parse(readFileSync('demo/catalogue.json', 'utf8')))

/** A part of the demo catalogue; benches run in the project's folder. */
export function part(slug: string): CataloguePart {
  const found = parts.find((candidate) => candidate.slug === slug)
  if (!found) throw new Error(`no part ${slug} in the demo catalogue`)
  return found
}
