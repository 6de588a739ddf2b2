// health.mjs URL SECONDS   waits until Flint Shelf answers there; exit status 1 when it does not
import { ask } from './ask.mjs'

const [url, seconds] = process.argv.slice(2)
const end = Date.now() + Number(seconds) * 1000

async function answers() {
  try {
    const { status, body } = await ask(`${url}/api/health`)
    return status === 200 && body.status === 'ok'
  } catch {
    return false
  }
}

while (!(await answers())) {
  if (Date.now() >= end) process.exit(1)
  await new Promise((resolve) => setTimeout(resolve, 100))
}
