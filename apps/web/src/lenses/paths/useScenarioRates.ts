import {
  type DesignDocument,
  type Scenario,
  type ScenarioChoice,
  type ScenarioRates,
  scenarioRates,
  scenarios,
  type Topology,
} from '@flint/core'
import { useMemo } from 'react'

/** The rates of the chosen kind of work. */
export function useScenarioRates(
  document: DesignDocument,
  topology: Topology,
  scenarioId: string,
  choice: ScenarioChoice,
): { scenario: Scenario; rates: ScenarioRates } {
  return useMemo(() => {
    const scenario = scenarios.find(({ id }) => id === scenarioId) ?? scenarios[0]
    if (!scenario) throw new Error('No kind of work is known.')
    return { scenario, rates: scenarioRates(document, topology, scenario, choice) }
  }, [document, topology, scenarioId, choice])
}
