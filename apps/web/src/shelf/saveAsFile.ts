import type { Design } from '@flint/core/editing'
import { saveFile } from '../controls/saveFile'

/** Hands the design document to the user as a file, the one that import reads. */
export function saveAsFile(design: Design): void {
  const text = `${JSON.stringify(design, null, 2)}\n`
  saveFile(`${fileName(design.name)}.flint.json`, 'application/json', text)
}

function fileName(name: string): string {
  return (
    name
      .toLowerCase()
      .replace(/[^\p{L}\p{N}]+/gu, '-')
      .replace(/^-+|-+$/g, '')
      .slice(0, 60) || 'design'
  )
}
