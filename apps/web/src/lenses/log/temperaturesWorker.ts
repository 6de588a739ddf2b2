import { type ReadTemperatures, readTemperatures } from '@flint/core/files'
import { expose } from 'comlink'

const reader = {
  /** Reads a log away from the page: it may have hundreds of thousands of lines. Null for what is no log. */
  read: (text: string): ReadTemperatures | null => readTemperatures(text),
}

export type TemperatureReader = typeof reader

expose(reader)
