// health.mjs URL SECONDS   waits until Flint Shelf answers there; exit status 1 when it does not
const [url, seconds] = process.argv.slice(2)
const end = Date.now() + Number(seconds) * 1000

async function answers() {
  try {
    const response = await fetch(`${url}/api/health`, { signal: AbortSignal.timeout(2000) })
    return response.ok && (await response.json()).status === 'ok'
  } catch {
    return false
  }
}

while (!(await answers())) {
  if (Date.now() >= end) process.exit(1)
  await new Promise((resolve) => setTimeout(resolve, 100))
}
