import { apply } from './apply'
import { bill, billCsv } from './bill'
import { breakEven } from './breakEven'
import { capacity } from './capacity'
import { check } from './check'
import { compare } from './compare'
import { evaluate } from './evaluate'
import { machine } from './machine'
import { isMismatch, match } from './match'
import { poolScript } from './poolScript'
import { readings } from './readings'
import { simulate } from './simulate'
import { hasSuspects, trace } from './trace'

interface Command {
  /** What is read, in words: "a design". */
  reads: readonly string[]
  /** Of these, those that are text and not JSON, counted from 0; none for most. */
  texts?: readonly number[]
  /** Takes the JSON read, one value for each, and returns what is printed; text as it is, all else as JSON. */
  answer: (...inputs: unknown[]) => unknown
  /** Whether something is wrong with the machine, so that scripts can act on it. */
  isWrong?: (answer: unknown) => boolean
}

/** What `flint` can compute. */
export const commands: Partial<Record<string, Command>> = {
  capacity: { reads: ['a request'], answer: capacity },
  evaluate: { reads: ['a design'], answer: evaluate },
  machine: { reads: ['a design'], answer: machine },
  'pool-script': { reads: ['a design'], answer: poolScript },
  bill: { reads: ['a design'], answer: bill },
  'bill-csv': { reads: ['a design'], answer: billCsv },
  'break-even': { reads: ['costs and alternatives'], answer: breakEven },
  compare: { reads: ['a design', 'another design'], answer: compare },
  check: { reads: ['a design, or a file of everything'], answer: check },
  readings: {
    reads: ['a design', 'a log of watts as comma-separated text'],
    texts: [1],
    answer: readings,
  },
  match: {
    reads: ['a design', 'a collected file'],
    answer: match,
    isWrong: isMismatch,
  },
  trace: {
    reads: ['a design', 'errors of drives, or a collected file'],
    answer: trace,
    isWrong: hasSuspects,
  },
  simulate: { reads: ['a design', 'faults'], answer: simulate },
  apply: { reads: ['a design', 'a list of edits'], answer: apply },
}
