import type { Finding, Fix, Severity } from './finding'
import type { StepId } from '../catalogue/steps'

interface FitFinding {
  code: string
  severity: Severity
  step: StepId
  parts: readonly { id: string }[]
  sentence: string
  numbers?: Record<string, number>
  houseRule?: string
  fix?: Fix
}

/** A finding about pieces; groups have nothing to do with whether parts fit each other. */
export function fitFinding({ parts, numbers = {}, ...rest }: FitFinding): Finding {
  return { ...rest, numbers, partIds: parts.map(({ id }) => id), groupIds: [] }
}
