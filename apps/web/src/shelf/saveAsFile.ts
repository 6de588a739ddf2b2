import type { DesignDocument } from '@flint/core'

/** Hands the design document to the user as a file, the one that import reads. */
export function saveAsFile(document: DesignDocument): void {
  const text = `${JSON.stringify(document, null, 2)}\n`
  const url = URL.createObjectURL(new Blob([text], { type: 'application/json' }))
  const link = window.document.createElement('a')
  link.href = url
  link.download = `${fileName(document.name)}.flint.json`
  link.click()
  URL.revokeObjectURL(url)
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
