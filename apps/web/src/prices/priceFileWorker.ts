import { pricesFromCsv } from '@flint/core/files'
import { expose } from 'comlink'

const reader = {
  /** Reads a file of prices away from the page, so that a large one does not hold it up. */
  read: pricesFromCsv,
}

export type PriceFileReader = typeof reader

expose(reader)
