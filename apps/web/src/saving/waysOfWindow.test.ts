import { record, redo, startHistory, undo } from '@flint/core/editing'
import { applyEdit, newDesign } from '@flint/core/editing'
import type { LeftSheet } from '../store/sheetSlice'
import type { Store } from '../store/store'
import { keepWays, wayBefore, waysFrom, waysText } from './waysOfWindow'

/** A design that was named three times, one of which was taken back. */
function way(designId = 'a', names: readonly string[] = ['one', 'two', 'three']): LeftSheet {
  const start = newDesign('start')
  const history = names.reduce(
    (before, name) => record(before, name, applyEdit(before.present, { do: 'rename', name })),
    startHistory(start),
  )
  return { designId, history: undo(history), checkpoint: start }
}

test('a way read back is the same, can be undone and done again, and shares what did not change', () => {
  const [read] = waysFrom(waysText([way()]))
  expect(read).toEqual(way())
  if (!read) throw new Error('no way')
  expect(undo(read.history).present.name).toBe('one')
  expect(redo(read.history).present.name).toBe('three')
  expect(read.history.present.brief).toBe(read.history.past[0]?.before.brief)
})

test('of a long way the last steps are kept, and little is written twice', () => {
  const names = Array.from({ length: 300 }, (_, at) => `name ${at}`)
  const long = way('a', names)
  const text = waysText([long])
  const [read] = waysFrom(text)
  expect(read?.history.past).toHaveLength(100)
  expect(read?.history.past.at(-1)).toEqual(long.history.past.at(-1))
  const whole = JSON.stringify(long.history.past.slice(-100)).length
  expect(text.length).toBeLessThan(whole / 3)
})

test('what this window has not written, or another version has, is no way', () => {
  expect(waysFrom(null)).toEqual([])
  for (const text of [
    'no json',
    '{}',
    '[{}]',
    '[null]',
    '[{"version":13,"labels":{"past":["x"]}}]',
  ]) {
    expect(waysFrom(text)).toEqual([])
  }
  const older = waysText([way()]).replace(/"version":\d+/, '"version":1')
  expect(waysFrom(older)).toEqual([])
})

describe('as the page goes', () => {
  function windowWith(roomBytes: number) {
    const kept = new Map<string, string>()
    let hide = (): void => undefined
    const storage = {
      getItem: (key: string) => kept.get(key) ?? null,
      removeItem: (key: string) => kept.delete(key),
      setItem: (key: string, text: string) => {
        if (text.length > roomBytes) throw new Error('full')
        kept.set(key, text)
      },
    } as unknown as Storage
    const page = {
      sessionStorage: storage,
      addEventListener: (_: string, listen: () => void) => {
        hide = listen
      },
    } as unknown as Window
    return { storage, page, leave: () => hide() }
  }
  const storeWith = (sheet: object): Pick<Store, 'getState'> => ({
    getState: () => ({ sheet }) as ReturnType<Store['getState']>,
  })

  test('the open design and those that were left are kept, what is only looked at is not', () => {
    const { storage, page, leave } = windowWith(1e6)
    const open = { ...way('open'), save: { kind: 'saved' } }
    keepWays(storeWith({ open, left: [way('left')] }), page)
    leave()
    expect(wayBefore('open', storage)).toEqual(way('open'))
    expect(wayBefore('left', storage)).toEqual(way('left'))
    expect(wayBefore('other', storage)).toBeNull()
    const looking = windowWith(1e6)
    keepWays(storeWith({ open: { ...open, save: { kind: 'looking' } }, left: [] }), looking.page)
    looking.leave()
    expect(wayBefore('open', looking.storage)).toBeNull()
  })

  test('where there is little room it is fewer steps, or none, and nothing is thrown', () => {
    const names = Array.from({ length: 90 }, (_, at) => `name ${at}`)
    const open = { ...way('open', names), save: { kind: 'saved' } }
    const few = windowWith(waysText([open], 20).length)
    keepWays(storeWith({ open, left: [] }), few.page)
    few.leave()
    expect(wayBefore('open', few.storage)?.history.past).toHaveLength(10)
    const none = windowWith(10)
    keepWays(storeWith({ open, left: [] }), none.page)
    none.leave()
    expect(wayBefore('open', none.storage)).toBeNull()
  })
})
