import { api } from '../api/api'
import { makeStore } from '../store/store'
import { FirstOpening } from './firstOpening'

const realFetch = globalThis.fetch
const RealRequest = globalThis.Request
let asked: string[] = []
let store = makeStore()
beforeEach(() => {
  asked = []
  store = makeStore()
  // Requests of a page are relative to it; outside a browser there is no page.
  globalThis.Request = class extends RealRequest {
    constructor(input: RequestInfo | URL, init?: RequestInit) {
      super(typeof input === 'string' ? new URL(input, 'http://shelf.test') : input, init)
    }
  }
  globalThis.fetch = (request) => {
    asked.push(new URL((request as Request).url).pathname)
    return Promise.resolve(Response.json({ id: '1f', revision: asked.length }))
  }
})
afterEach(() => {
  store.dispatch(api.util.resetApiState())
  globalThis.fetch = realFetch
  globalThis.Request = RealRequest
})

test('the design of the page is asked for once, and its answer is taken once', async () => {
  const first = new FirstOpening(store, '/designs/1f/drives')
  expect(await first.take('1f')).toMatchObject({ data: { id: '1f', revision: 1 } })
  // Who opens it again wants to know how it is then.
  expect(first.take('1f')).toBeNull()
  expect(asked).toEqual(['/api/designs/1f'])
})

test('an answer about another design is of no use, now or later', () => {
  const first = new FirstOpening(store, '/designs/1f')
  expect(first.take('2f')).toBeNull()
  expect(first.take('1f')).toBeNull()
})

test.each(['/', '/parts', '/prices/one', '/designs'])('%s asks for none', async (path) => {
  expect(new FirstOpening(store, path).take('')).toBeNull()
  await Promise.resolve()
  expect(asked).toEqual([])
})
