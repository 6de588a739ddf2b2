const SESSION_KEY = 'flint-shelf/window'
const PREFIX = 'flint-shelf/window/'

/** Tells windows of one browser apart. */
interface Windows {
  /** Takes a name for as long as this window lives; false when another window has it. */
  claim(id: string): Promise<boolean>
  /** Names of the windows that are open now. */
  live(): Promise<ReadonlySet<string>>
}

/**
 * A name for this window that survives a reload, and is taken for as long as it lives.
 *
 * A duplicated tab, and one that was opened from another, starts with a copy of the first one's session storage; it
 * finds the name taken and makes itself a new one.
 */
export async function claimWindowId(windows: Windows): Promise<string> {
  const before = sessionStorage.getItem(SESSION_KEY)
  if (before && (await windows.claim(before))) return before
  const id = Array.from(crypto.getRandomValues(new Uint8Array(8)), (byte) =>
    byte.toString(16).padStart(2, '0'),
  ).join('')
  sessionStorage.setItem(SESSION_KEY, id)
  await windows.claim(id)
  return id
}

/** By locks, which browsers give only to secure pages; over plain HTTP in a home network windows ask each other. */
export function windowsOfBrowser(): Windows {
  return 'locks' in navigator ? byLocks(navigator.locks) : byAsking()
}

/** A reload may find the lock of the page before it for a moment, so it waits a little. */
const PATIENCE_MS = 400

function byLocks(locks: LockManager): Windows {
  return {
    claim: (id) =>
      new Promise((resolve) => {
        locks
          .request(PREFIX + id, { signal: AbortSignal.timeout(PATIENCE_MS) }, () => {
            resolve(true)
            // Held until the window goes.
            return new Promise<never>(() => undefined)
          })
          .catch(() => {
            resolve(false)
          })
      }),
    live: async () => {
      const { held = [] } = await locks.query()
      return new Set(
        held.flatMap(({ name }) => (name?.startsWith(PREFIX) ? [name.slice(PREFIX.length)] : [])),
      )
    },
  }
}

const WHO_IS_THERE = 'who is there'

function byAsking(): Windows {
  const channel = new BroadcastChannel('flint-shelf/windows')
  const heard = new Set<string>()
  let own: string | null = null
  channel.addEventListener('message', ({ data }: MessageEvent<unknown>) => {
    if (data !== WHO_IS_THERE) heard.add(String(data))
    else if (own !== null) channel.postMessage(own)
  })
  const ask = async (): Promise<ReadonlySet<string>> => {
    heard.clear()
    channel.postMessage(WHO_IS_THERE)
    await new Promise((resolve) => setTimeout(resolve, PATIENCE_MS))
    return new Set(heard)
  }
  return {
    claim: async (id) => {
      if ((await ask()).has(id)) return false
      own = id
      return true
    },
    live: async () => new Set([...(await ask()), ...(own === null ? [] : [own])]),
  }
}
