import { cutText } from '@flint/core/drawing'
import { saveFile } from '../controls/saveFile'

/** A document that would be larger than this is written without line breaks. */
const LARGEST_SPACED = 1_000_000

/** Hands a design document to the user as a file, the one that import reads; also one that cannot be read here. */
export function saveDocumentAsFile(name: string, document: unknown): void {
  const plain = JSON.stringify(document)
  const text = plain.length > LARGEST_SPACED ? plain : JSON.stringify(document, null, 2)
  saveFile(`${fileName(name)}.flint.json`, 'application/json', `${text}\n`)
}

function fileName(name: string): string {
  const plain = name
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]+/gu, '-')
    .replace(/^-+|-+$/g, '')
  return cutText(plain, 60) || 'design'
}
