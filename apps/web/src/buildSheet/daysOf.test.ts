import { daysOf } from './daysOf'

const at = (savedAt: string) => ({ savedAt })
const now = new Date(2026, 10, 26, 18)

test('versions of one day stand together, in the order they came in', () => {
  const versions = [
    at(new Date(2026, 10, 26, 17, 30).toISOString()),
    at(new Date(2026, 10, 26, 0, 5).toISOString()),
    at(new Date(2026, 10, 25, 23, 55).toISOString()),
    at(new Date(2026, 9, 1, 12).toISOString()),
  ]
  const days = daysOf(versions, now, 'en-GB')
  expect(days.map(({ day, versions: of }) => [day, of.length])).toEqual([
    ['Today', 2],
    ['Yesterday', 1],
    ['1 Oct 2026', 1],
  ])
  expect(days.flatMap(({ versions: of }) => of)).toEqual(versions)
})

test('nothing has no days', () => {
  expect(daysOf([], now, 'en-GB')).toEqual([])
})
