import type { FieldProblem } from '@flint/contract'
import type { RequestHandler } from 'express'
import { badRequest } from './problems'

/** No document nests deeper than about ten. */
const DEEPEST = 32

/** A design with all the parts it may have stays below a hundred thousand. */
const MOST_VALUES = 300_000

/** A value of a body, and the way to it. */
interface Step {
  value: unknown
  key: string | number
  above: Step | null
  depth: number
}

/**
 * Turns away bodies that nothing here could store or read in time: too deep, too many values, texts with a NUL or
 * with half of a character. The database takes neither of the two. Minus zero becomes zero.
 */
export const onlyPlainJson: RequestHandler = (request, _response, next) => {
  const problem = problemWith(request.body)
  if (problem) throw badRequest([problem])
  next()
}

/** The first thing that is wrong with a body; null when nothing is. It never recurses, however deep the body. */
export function problemWith(body: unknown): FieldProblem | null {
  const open: Step[] = [{ value: body, key: '', above: null, depth: 0 }]
  let values = 0
  for (let step = open.pop(); step; step = open.pop()) {
    values += 1
    const { value, depth } = step
    if (values > MOST_VALUES) {
      const most = MOST_VALUES.toLocaleString('en')
      return { field: '', sentence: `The body has more than ${most} values, the most taken.` }
    }
    if (depth > DEEPEST) {
      return { field: '', sentence: `The body nests deeper than ${DEEPEST}, the most taken.` }
    }
    if (typeof value === 'string' && !isText(value)) return notText(step)
    if (typeof value !== 'object' || value === null) continue
    for (const key of Object.keys(value)) {
      const inner = (value as Record<string, unknown>)[key]
      // The database knows no minus zero, so the same document sent again would look like another one.
      if (Object.is(inner, -0)) (value as Record<string, unknown>)[key] = 0
      if (!isText(key)) return notText(step)
      open.push({
        value: inner,
        key: Array.isArray(value) ? Number(key) : key,
        above: step,
        depth: depth + 1,
      })
    }
  }
  return null
}

const isText = (text: string): boolean => !/[\0\p{Surrogate}]/u.test(text)

function notText(step: Step): FieldProblem {
  const field = pathOf(step)
  return {
    field,
    sentence: `${field || 'The body'} has a character that cannot be stored: a NUL or half of one.`,
  }
}

function pathOf(step: Step): string {
  const keys: Step[] = []
  for (let at = step; at.above; at = at.above) keys.unshift(at)
  return keys.reduce((path, { key }) => {
    if (typeof key === 'number') return `${path}[${key}]`
    return path ? `${path}.${key}` : key
  }, '')
}
