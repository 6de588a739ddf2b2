import { getMetadataStorage, validate } from 'class-validator'
import type { FieldProblem } from '@flint/contract'
import { badRequest, MOST_LISTED } from './problems'

/**
 * Reads a request body as one of the contract's classes: the envelope only. What is inside a document is read by
 * the document's own schema, once, and by nothing else.
 *
 * @throws HttpProblem 400 naming the fields that are wrong, unknown ones included
 */
export async function readBody<T extends object>(shape: new () => T, body: unknown): Promise<T> {
  if (typeof body !== 'object' || body === null || Array.isArray(body)) {
    throw badRequest([{ field: '', sentence: 'The body must be a JSON object.' }])
  }
  return readAs(shape, body)
}

/**
 * Reads what stands behind the question mark of an address, as one of the contract's classes: texts, each once.
 *
 * @throws HttpProblem 400 naming the fields that are wrong, unknown ones included
 */
export async function readQuery<T extends object>(shape: new () => T, query: object): Promise<T> {
  const twice = Object.entries(query).filter(([, value]) => typeof value !== 'string')
  if (twice.length > 0) {
    throw badRequest(
      twice.map(([field]) => ({ field, sentence: `${field} must be there once, as a text.` })),
    )
  }
  return readAs(shape, query)
}

async function readAs<T extends object>(shape: new () => T, body: object): Promise<T> {
  const known = new Set(fieldsOf(shape))
  const unknown = Object.keys(body).filter((field) => !known.has(field))
  if (unknown.length > 0) {
    const listed = unknown.slice(0, MOST_LISTED)
    throw badRequest(
      listed.map((field) => ({ field, sentence: `${field} is not a known field.` })),
      unknown.length,
    )
  }
  const request = Object.assign(new shape(), body)
  const errors = await validate(request, {
    forbidUnknownValues: true,
    validationError: { target: false, value: false },
  })
  if (errors.length > 0) {
    throw badRequest(
      errors.flatMap(({ property: field, constraints = {} }) =>
        Object.values(constraints).map((sentence): FieldProblem => ({ field, sentence })),
      ),
    )
  }
  return request
}

/** The fields that a class of the contract has checks for. */
function fieldsOf(shape: new () => object): string[] {
  return getMetadataStorage()
    .getTargetValidationMetadatas(shape, '', false, false)
    .map(({ propertyName }) => propertyName)
}
