import type { z } from 'zod'

/** What is wrong with an input: where, and a sentence for people. */
export interface Problem {
  /** Path of the field, as `pools[0].groups[1].kind`; empty for the whole. */
  field: string
  sentence: string
}

type Issue = z.core.$ZodIssue

/**
 * Turns what the schema found into sentences that name the field.
 * At most `most` are kept: a file of nonsense would give thousands.
 */
export function problemsOf(issues: readonly Issue[], most = 20): Problem[] {
  return issues.slice(0, most).map((issue) => {
    const field = pathText(issue.path)
    return { field: fieldOf(field, issue), sentence: sentenceOf(field || 'The input', issue) }
  })
}

/** `['pools', 0, 'name']` as `pools[0].name`. */
export function pathText(path: readonly PropertyKey[]): string {
  return path.reduce<string>((text, step) => {
    if (typeof step === 'number') return `${text}[${step}]`
    return text ? `${text}.${String(step)}` : String(step)
  }, '')
}

function fieldOf(field: string, issue: Issue): string {
  if (issue.code !== 'unrecognized_keys') return field
  const key = issue.keys[0] ?? ''
  return field ? `${field}.${key}` : key
}

function sentenceOf(subject: string, issue: Issue): string {
  switch (issue.code) {
    case 'unrecognized_keys':
      return `${fieldOf(subject === 'The input' ? '' : subject, issue)} is not a known field.`
    case 'invalid_type':
      return `${subject} ${issue.input === undefined ? 'is missing or' : 'is'} not ${article(issue.expected)}.`
    case 'too_small':
      return tooSmallSentence(subject, issue)
    case 'too_big':
      return isSize(issue.origin)
        ? `${subject} has too many entries; ${issue.maximum} is the most.`
        : `${subject} must be ${issue.inclusive === false ? 'less than' : 'at most'} ${issue.maximum}${characters(issue.origin)}.`
    case 'invalid_value':
      return `${subject} must be ${oneOf(issue.values)}.`
    case 'invalid_union':
      return `${subject} is not of a known kind.`
    case 'invalid_format':
      return `${subject} is not written as it must be.`
    case 'custom':
      return `${subject} ${issue.message}.`
    default:
      return `${subject} is not valid.`
  }
}

function tooSmallSentence(
  subject: string,
  { origin, minimum, inclusive }: Extract<Issue, { code: 'too_small' }>,
): string {
  if (isSize(origin)) return `${subject} has too few entries; at least ${minimum} are needed.`
  if (origin === 'string' && minimum === 1) return `${subject} must not be empty.`
  const least = inclusive === false ? 'more than' : 'at least'
  return `${subject} must be ${least} ${minimum}${characters(origin)}.`
}

const isSize = (origin: string): boolean => origin === 'array' || origin === 'set'

const characters = (origin: string): string => (origin === 'string' ? ' characters long' : '')

function article(expected: string): string {
  if (expected === 'int') return 'a whole number'
  if (expected === 'object' || expected === 'array') return `an ${expected}`
  return `a ${expected}`
}

function oneOf(values: readonly unknown[]): string {
  const quoted = values.map((value) => JSON.stringify(value))
  return quoted.length === 1 ? String(quoted[0]) : `one of ${quoted.join(', ')}`
}
