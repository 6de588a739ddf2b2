import type { CataloguePart, Design } from '@flint/core/editing'
import { type ScenarioChoice, scenarios, type SpeedUp, speedUps } from '@flint/core/figures'
import { expose } from 'comlink'

const finder = {
  /** Tries every change away from the page: each means placing, wiring and sharing anew. */
  speedUps(
    design: Design,
    scenarioId: string,
    choice: ScenarioChoice,
    parts: CataloguePart[],
  ): SpeedUp[] {
    const scenario = scenarios.find(({ id }) => id === scenarioId)
    return scenario ? speedUps(design, scenario, choice, parts) : []
  },
}

export type WideningFinder = typeof finder

expose(finder)
