import type { Design } from './design'

interface Step {
  /** What was done, as a builder would say it: "put 12 TB in bay 3". */
  label: string
  before: Design
}

interface UndoneStep {
  label: string
  after: Design
}

/** A document with the way it came to be. Documents share what did not change, so this is small. */
export interface History {
  present: Design
  past: Step[]
  future: UndoneStep[]
}

const MOST_STEPS = 500

export function startHistory(design: Design): History {
  return { present: design, past: [], future: [] }
}

/**
 * Takes one edit in. An edit that changed nothing leaves no step behind.
 *
 * @param coalesce the edit becomes part of the last step when that has the same words, as when a
 * number is typed digit by digit
 */
export function record(history: History, label: string, after: Design, coalesce = false): History {
  if (after === history.present) return history
  if (coalesce && history.past.at(-1)?.label === label) {
    return { present: after, past: history.past, future: [] }
  }
  const past = [...history.past, { label, before: history.present }].slice(-MOST_STEPS)
  return { present: after, past, future: [] }
}

export function undo(history: History): History {
  const step = history.past.at(-1)
  if (!step) return history
  return {
    present: step.before,
    past: history.past.slice(0, -1),
    future: [{ label: step.label, after: history.present }, ...history.future],
  }
}

export function redo(history: History): History {
  const [step, ...rest] = history.future
  if (!step) return history
  return {
    present: step.after,
    past: [...history.past, { label: step.label, before: history.present }],
    future: rest,
  }
}

/**
 * What was done since a document, in the words of its steps, each once: "choose Wickmere Ten; change the watt limit".
 * What was taken back is said to be.
 *
 * @returns empty for a document that is not on the way
 */
export function stepsSince({ past, future, present }: History, document: Design): string {
  if (document === present) return ''
  const from = past.findLastIndex(({ before }) => before === document)
  if (from !== -1) return [...new Set(past.slice(from).map(({ label }) => label))].join('; ')
  const until = future.findIndex(({ after }) => after === document)
  const undone = future.slice(0, until + 1).map(({ label }) => label)
  return undone.length === 0 ? '' : `take back: ${[...new Set(undone)].join('; ')}`
}
