// Runs before each file of tests: says which change is made, and notes which ones the tests come to.
import { appendFileSync } from 'node:fs'

const { FLINT_MUTANT, FLINT_REACHED } = process.env
const made = FLINT_MUTANT === undefined ? null : Number(FLINT_MUTANT)
const reached = new Set()

globalThis.__mutant = (number) => {
  if (FLINT_REACHED) reached.add(number)
  return number === made
}

if (FLINT_REACHED) {
  globalThis.afterAll(() => {
    const { testPath } = globalThis.expect.getState()
    appendFileSync(FLINT_REACHED, `${JSON.stringify({ testPath, reached: [...reached] })}\n`)
  })
}
