import {
  type CataloguePart,
  type DesignDocument,
  type ScenarioChoice,
  scenarios,
  type Widening,
  widenings,
} from '@flint/core'
import { expose } from 'comlink'

const finder = {
  /** Tries every change away from the page: each means placing, wiring and sharing anew. */
  widenings(
    document: DesignDocument,
    scenarioId: string,
    choice: ScenarioChoice,
    parts: CataloguePart[],
  ): Widening[] {
    const scenario = scenarios.find(({ id }) => id === scenarioId)
    return scenario ? widenings(document, scenario, choice, parts) : []
  },
}

export type WideningFinder = typeof finder

expose(finder)
