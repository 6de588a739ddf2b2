import { partsFromCsv, partsFromJson, type ReadParts } from '@flint/core/files'
import { expose } from 'comlink'

const reader = {
  /** Reads a file of parts away from the page, so that a large one does not hold it up. */
  read(name: string, text: string): ReadParts {
    return name.toLowerCase().endsWith('.json') ? partsFromJson(text) : partsFromCsv(text)
  },
}

export type FileReader = typeof reader

expose(reader)
