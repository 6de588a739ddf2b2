import type { Design } from '@flint/core/editing'
import { resolveMachine } from '@flint/core/figures'
import { readSeries, type SeriesAgainstPlan, seriesAgainstPlan } from '@flint/core/files'
import { expose } from 'comlink'

const reader = {
  /** Reads a log away from the page: it may have hundreds of thousands of lines. Null for what is no log. */
  read(design: Design, text: string): SeriesAgainstPlan | null {
    const series = readSeries(text)
    return series && seriesAgainstPlan(design, resolveMachine(design), series)
  },
}

export type SeriesReader = typeof reader

expose(reader)
