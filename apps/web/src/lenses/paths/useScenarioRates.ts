import type { Design } from '@flint/core/editing'
import {
  type Scenario,
  type ScenarioChoice,
  type ScenarioRates,
  scenarioRates,
  scenarios,
  type Machine,
} from '@flint/core/figures'
import { useMemo } from 'react'

/** The rates of the chosen kind of work. */
export function useScenarioRates(
  design: Design,
  machine: Machine,
  scenarioId: string,
  choice: ScenarioChoice,
): { scenario: Scenario; rates: ScenarioRates } {
  return useMemo(() => {
    const scenario = scenarios.find(({ id }) => id === scenarioId) ?? scenarios[0]
    if (!scenario) throw new Error('No kind of work is known.')
    return { scenario, rates: scenarioRates(design, machine, scenario, choice) }
  }, [design, machine, scenarioId, choice])
}
