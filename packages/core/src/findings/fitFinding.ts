import type { FittedPart } from '../design/document'
import type { Finding, Fix, Severity, StepId } from './finding'

interface FitFinding {
  code: string
  severity: Severity
  step: StepId
  parts: readonly { part: FittedPart }[]
  sentence: string
  numbers?: Record<string, number>
  houseRule?: string
  fix?: Fix
}

/** A finding about pieces; groups have nothing to do with whether parts fit each other. */
export function fitFinding({ parts, numbers = {}, ...rest }: FitFinding): Finding {
  return { ...rest, numbers, partIds: parts.map(({ part }) => part.id), groupIds: [] }
}
