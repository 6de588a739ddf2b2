import fc from 'fast-check'
import { Recorder, recorded } from './recorder'

test('work runs again only when something that it read has changed', () => {
  const width = 2
  let [height, name] = [3, 'box']
  let runs = 0
  const recorder = new Recorder()
  const source = { width: recorder.source(() => width), height: recorder.source(() => height) }
  const area = recorder.kept(() => {
    runs += 1
    return source.width() * source.height()
  })
  expect([area(), area(), runs]).toEqual([6, 6, 1])
  recorder.nextRound()
  name = `${name}es`
  expect([area(), runs, name]).toEqual([6, 1, 'boxes'])
  height = 4
  recorder.nextRound()
  expect([area(), runs]).toEqual([8, 2])
})

test('what was not read in the last run is not waited for', () => {
  let [isOn, value] = [false, 1]
  let runs = 0
  const recorder = new Recorder()
  const on = recorder.source(() => isOn)
  const read = recorder.source(() => value)
  const shown = recorder.kept(() => {
    runs += 1
    return on() ? read() : 0
  })
  expect(shown()).toBe(0)
  value = 2
  recorder.nextRound()
  expect([shown(), runs]).toEqual([0, 1])
  isOn = true
  recorder.nextRound()
  expect([shown(), runs]).toEqual([2, 2])
  value = 3
  recorder.nextRound()
  expect([shown(), runs]).toEqual([3, 3])
})

test('a result that says the same is the same object, and what reads it does not run', () => {
  let list = [1, 2]
  let runs = 0
  const recorder = new Recorder()
  const read = recorder.source(() => list)
  const large = recorder.kept(() => read().filter((one) => one > 1))
  const sum = recorder.kept(() => {
    runs += 1
    return large().reduce((total, one) => total + one, 0)
  })
  const before = large()
  expect(sum()).toBe(2)
  list = [0, 2]
  recorder.nextRound()
  expect(large()).toBe(before)
  expect([sum(), runs]).toEqual([2, 1])
})

test('maps and sets are compared by what is in them', () => {
  let names = ['a']
  const recorder = new Recorder()
  const read = recorder.source(() => names)
  const set = recorder.kept(() => new Set(read()))
  const first = set()
  names = ['b']
  recorder.nextRound()
  expect(set()).not.toBe(first)
  expect([...set()]).toEqual(['b'])
})

test('work that fails leaves nothing behind, and is tried again', () => {
  let isBroken = true
  const recorder = new Recorder()
  const read = recorder.source(() => isBroken)
  const work = recorder.kept(() => {
    if (read()) throw new RangeError('broken')
    return 'whole'
  })
  expect(() => work()).toThrow('broken')
  isBroken = false
  recorder.nextRound()
  expect(work()).toBe('whole')
})

test('each field of a recorded object is noted by itself', () => {
  let now = { one: 1, other: 1 }
  let runs = 0
  const recorder = new Recorder()
  const view = recorded(recorder, ['one', 'other'], () => now)
  const work = recorder.kept(() => {
    runs += 1
    return view.one
  })
  work()
  now = { one: 1, other: 2 }
  recorder.nextRound()
  work()
  expect(runs).toBe(1)
  now = { one: 3, other: 2 }
  recorder.nextRound()
  expect([work(), runs]).toEqual([3, 2])
})

test('of a list only the items that are others now are looked at', () => {
  const [one, other] = [{ name: 'one' }, { name: 'other' }]
  let list = [one, other]
  const looked: string[] = []
  let runs = 0
  const recorder = new Recorder()
  const names = recorder.keptEach(
    recorder.source(() => list),
    ({ name }) => {
      looked.push(name)
      return { length: name.length }
    },
  )
  const total = recorder.kept(() => {
    runs += 1
    return names().reduce((sum, { length }) => sum + length, 0)
  })
  expect([total(), looked.splice(0)]).toEqual([8, ['one', 'other']])
  const before = names()
  // Another item that says the same of what is picked.
  list = [{ name: 'two' }, other]
  recorder.nextRound()
  expect([total(), looked.splice(0), runs]).toEqual([8, ['two'], 1])
  expect(names()).toBe(before)
  list = [other]
  recorder.nextRound()
  expect([total(), looked.splice(0)]).toEqual([5, ['other']])
  list = [other, one]
  recorder.nextRound()
  expect([total(), looked.splice(0)]).toEqual([8, ['one']])
})

test('what is read in two ways is worked out once, and before what reads it', () => {
  let width = 1
  let areas = 0
  const recorder = new Recorder()
  const read = recorder.source(() => width)
  const area = recorder.kept(() => {
    areas += 1
    return read() * 10
  })
  const half = recorder.kept(() => area() / 2)
  const text = recorder.kept(() => `${half()} of ${area()}, ${read()} wide`)
  expect(text()).toBe('5 of 10, 1 wide')
  for (const next of [2, 3, 2]) {
    width = next
    recorder.nextRound()
    expect(text()).toBe(`${next * 5} of ${next * 10}, ${next} wide`)
  }
  expect(areas).toBe(4)
})

test('a change passes through work that nobody asked for in a round', () => {
  let value = 1
  const recorder = new Recorder()
  const read = recorder.source(() => value)
  const middle = recorder.kept(() => read() + 1)
  const last = recorder.kept(() => middle() * 2)
  expect(last()).toBe(4)
  value = 2
  recorder.nextRound()
  value = 3
  recorder.nextRound()
  expect(last()).toBe(8)
  // A value that is as it was at the last look needs no work, whatever it was meanwhile.
  value = 5
  recorder.nextRound()
  value = 3
  recorder.nextRound()
  expect([middle(), last()]).toEqual([4, 8])
})

/** Sums of sums of numbers, of which some are left out by what others say: as deep and as tangled as rules are. */
test('after any changes it gives what a recorder gives that knows nothing yet', () => {
  const sheet = (values: readonly number[]) => {
    const recorder = new Recorder()
    const cells: (() => number)[] = values.map((_, at) => recorder.source(() => values[at] ?? 0))
    for (let at = 0; at < 30; at += 1) {
      const [one, other, third] = [at, (at * 7 + 3) % cells.length, (at * 5 + 1) % cells.length]
      cells.push(
        recorder.kept(() => {
          const first = cells[one]?.() ?? 0
          return (first % 3 === 0 ? (cells[other]?.() ?? 0) : first + (cells[third]?.() ?? 0)) % 50
        }),
      )
    }
    return { recorder, results: () => cells.map((cell) => cell()) }
  }
  fc.assert(
    fc.property(
      fc.array(fc.tuple(fc.nat(5), fc.nat(9), fc.boolean()), { maxLength: 30 }),
      (changes) => {
        const values = [1, 2, 3, 4, 5, 6]
        const { recorder, results } = sheet(values)
        for (const [at, value, isAsked] of changes) {
          values[at] = value
          recorder.nextRound()
          if (isAsked) expect(results()).toEqual(sheet([...values]).results())
        }
        expect(results()).toEqual(sheet([...values]).results())
      },
    ),
  )
})
