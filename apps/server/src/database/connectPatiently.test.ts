import { connectPatiently } from './connectPatiently'

/** A database that answers from the given try on. */
function lateDatabase(answersAt: number) {
  let tries = 0
  const initialize = (): Promise<never> => {
    tries += 1
    return tries < answersAt
      ? Promise.reject(new Error(`No answer to try ${tries}.`))
      : Promise.resolve(undefined as never)
  }
  return { initialize, tries: () => tries }
}

test('a database that answers late is waited for', async () => {
  const late = lateDatabase(6)
  await connectPatiently(late)
  expect(late.tries()).toBe(6)
})

test('one that never answers is given up with its reason', async () => {
  const never = lateDatabase(Infinity)
  await expect(connectPatiently(never)).rejects.toThrow('No answer to try 6.')
})
