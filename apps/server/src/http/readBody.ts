import { plainToInstance } from 'class-transformer'
import { validate, type ValidationError } from 'class-validator'
import type { FieldProblem } from '@flint/contract'
import { badRequest } from './problems'

/**
 * Reads a request body as one of the contract's classes.
 * @throws HttpProblem 400 naming every field that is wrong, unknown ones included
 */
export async function readBody<T extends object>(shape: new () => T, body: unknown): Promise<T> {
  if (typeof body !== 'object' || body === null || Array.isArray(body)) {
    throw badRequest([{ field: '', sentence: 'The body must be a JSON object.' }])
  }
  const request = plainToInstance(shape, body, { enableImplicitConversion: false })
  const errors = await validate(request, {
    whitelist: true,
    forbidNonWhitelisted: true,
    forbidUnknownValues: true,
    validationError: { target: false, value: false },
  })
  if (errors.length > 0) throw badRequest(errors.flatMap((error) => fieldProblems(error, '')))
  return request
}

function fieldProblems(error: ValidationError, above: string): FieldProblem[] {
  const field = above ? `${above}.${error.property}` : error.property
  const own = Object.entries(error.constraints ?? {}).map(([rule, sentence]) => ({
    field,
    sentence: rule === 'whitelistValidation' ? `${field} is not a known field.` : sentence,
  }))
  return [...own, ...(error.children ?? []).flatMap((child) => fieldProblems(child, field))]
}
