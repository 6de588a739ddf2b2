import { createHash } from 'node:crypto'
import { readFileSync } from 'node:fs'

/** Tells one build of a file from another. */
export function buildOf(file: string): string {
  return createHash('sha256').update(readFileSync(file)).digest('hex')
}
