import { cutText } from '@flint/core/drawing'
import type { Design } from '@flint/core/editing'
import { saveFile } from '../controls/saveFile'

/** Hands the design document to the user as a file, the one that import reads. */
export function saveAsFile(design: Design): void {
  saveDocumentAsFile(design.name, design)
}

/** The same of a document that cannot be read here. */
export function saveDocumentAsFile(name: string, document: unknown): void {
  const text = `${JSON.stringify(document, null, 2)}\n`
  saveFile(`${fileName(name)}.flint.json`, 'application/json', text)
}

function fileName(name: string): string {
  const plain = name
    .toLowerCase()
    .replace(/[^\p{L}\p{N}]+/gu, '-')
    .replace(/^-+|-+$/g, '')
  return cutText(plain, 60) || 'design'
}
