import type { Finding } from './finding'
import type { StepId } from '../catalogue/steps'

interface Unknown {
  /** The code of the finding that cannot be told. */
  code: string
  step: StepId
  partIds: string[]
  /** What cannot be told, from "whether" on. */
  question: string
  /** What no data sheet says. */
  missing: string
}

/** A rule that lacks a value says so; it never passes in silence. */
export function notKnown({ code, step, partIds, question, missing }: Unknown): Finding {
  return {
    code: `${code}-not-known`,
    severity: 'note',
    step,
    partIds,
    groupIds: [],
    sentence: `Not known ${question}: no data sheet gives ${missing}.`,
    numbers: {},
  }
}
