// Under the same work for minutes the memory of the server stays where it was.
import { readFileSync } from 'node:fs'
import { readFile } from 'node:fs/promises'
import { House } from '../../e2e/support/house'

/** How long it works before it is measured first, and how long afterwards, milliseconds. */
const WARM_MS = 60_000
const WORK_MS = 180_000
const AT_ONCE = 6
/** How much more it may have at the end than after warming up: what a collector leaves lying is no leak. */
const MOST_GROWTH = 1.25

test(
  'memory stays steady',
  async () => {
    const house = await House.open()
    const document = JSON.parse(await readFile('demo/designs/cabin-archive.json', 'utf8')) as object
    const headers = { 'content-type': 'application/json' }
    const ask = (path: string, method = 'GET', body?: object) =>
      fetch(`${house.url}/api${path}`, {
        method,
        headers,
        ...(body && { body: JSON.stringify(body) }),
      }).then((response) => response.json())
    let [answers, name] = [0, 0]
    async function work(until: number): Promise<void> {
      const { id, revision } = (await ask('/designs', 'POST', { document })) as {
        id: string
        revision: number
      }
      let basedOnRevision = revision
      while (Date.now() < until) {
        name += 1
        const changed = { ...document, name: `Name ${name}` }
        const saved = (await ask(`/designs/${id}`, 'PUT', {
          basedOnRevision,
          document: changed,
        })) as {
          revision: number
        }
        basedOnRevision = saved.revision
        await ask('/designs')
        await ask('/parts')
        await ask(`/designs/${id}/revisions`)
        await ask('/designs', 'POST', { document: { version: 99 } })
        answers += 5
      }
      await ask(`/designs/${id}`, 'DELETE', {}).catch(() => undefined)
    }
    const residentMegabytes = (): number =>
      Number(
        /^VmRSS:\s+(\d+)/m.exec(readFileSync(`/proc/${house.processId}/status`, 'utf8'))?.[1],
      ) / 1_000
    await Promise.all(Array.from({ length: AT_ONCE }, () => work(Date.now() + WARM_MS)))
    const warm = residentMegabytes()
    await Promise.all(Array.from({ length: AT_ONCE }, () => work(Date.now() + WORK_MS)))
    const end = residentMegabytes()
    process.stdout.write(`${answers} answers: ${warm.toFixed(0)} MB, then ${end.toFixed(0)} MB\n`)
    await house.kill()
    expect(end / warm).toBeLessThan(MOST_GROWTH)
  },
  WARM_MS + WORK_MS + 60_000,
)
