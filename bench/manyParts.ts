// 20,000 parts of one's own: how quickly they are taken in and read, and whether the health route answers meanwhile.
import type { PartPage } from '@flint/contract'
import { House } from '../e2e/support/house'

const PARTS = 20_000
const AT_ONCE = 500

const house = await House.open()
const ask = async <Answer>(path: string, body?: object): Promise<Answer> => {
  const response = await fetch(`${house.url}/api${path}`, {
    method: body ? 'POST' : 'GET',
    headers: { 'content-type': 'application/json' },
    ...(body && { body: JSON.stringify(body) }),
  })
  if (!response.ok) throw new Error(`${path} was answered with ${response.status}.`)
  return (await response.json()) as Answer
}

/** Does something while the health route is asked again and again; says how long both took at most. */
async function watched(what: string, work: () => Promise<void>): Promise<void> {
  let [isOver, slowestMs] = [false, 0]
  const watch = async (): Promise<void> => {
    while (!isOver) {
      const before = performance.now()
      await ask('/health')
      slowestMs = Math.max(slowestMs, performance.now() - before)
      await new Promise((resolve) => setTimeout(resolve, 25))
    }
  }
  const watching = watch()
  const before = performance.now()
  await work()
  const seconds = (performance.now() - before) / 1_000
  isOver = true
  await watching
  process.stdout.write(
    `${what}: ${seconds.toFixed(1)} s; health within ${slowestMs.toFixed(0)} ms (aim: 50 ms)\n`,
  )
}

async function readAll(): Promise<void> {
  let after: string | null = ''
  while (after !== null) {
    const page: PartPage = await ask(`/parts${after === '' ? '' : `?after=${after}`}`)
    after = page.next
  }
}

const shipped = (await ask<PartPage>('/parts')).parts
const own = Array.from({ length: PARTS }, (_, index) => {
  const { sheet, price } = shipped[index % shipped.length] ?? {}
  const model = `Copy ${index}`
  return { slug: `mine-${index}`, version: 1, sheet: { ...sheet, model }, price }
})
await watched(`${PARTS} parts of one’s own taken in`, async () => {
  for (let from = 0; from < PARTS; from += AT_ONCE) {
    await ask('/parts/take-in', { parts: own.slice(from, from + AT_ONCE) })
  }
})
await watched('the same read for the first time', readAll)
await watched('and again', readAll)
await house.kill()
