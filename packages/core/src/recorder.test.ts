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
