const SESSION_KEY = 'flint-shelf/window'
const LOCK_PREFIX = 'flint-shelf/window/'

/**
 * A name for this window that survives a reload, and a lock of that name for as long as it lives.
 *
 * A duplicated tab starts with a copy of the first one's session storage; it finds the lock taken and
 * makes itself a new name.
 */
export async function claimWindowId(): Promise<string> {
  const before = sessionStorage.getItem(SESSION_KEY)
  if (before && (await claim(before))) return before
  const id = Array.from(crypto.getRandomValues(new Uint8Array(8)), (byte) =>
    byte.toString(16).padStart(2, '0'),
  ).join('')
  sessionStorage.setItem(SESSION_KEY, id)
  await claim(id)
  return id
}

/** Names of the windows that are open now. */
export async function liveWindowIds(): Promise<ReadonlySet<string>> {
  const { held = [] } = await lockManager().query()
  return new Set(
    held.flatMap(({ name }) =>
      name?.startsWith(LOCK_PREFIX) ? [name.slice(LOCK_PREFIX.length)] : [],
    ),
  )
}

/** A reload may find the lock of the page before it for a moment, so it waits a little. */
const PATIENCE_MS = 400

function claim(id: string): Promise<boolean> {
  return new Promise((resolve) => {
    lockManager()
      .request(LOCK_PREFIX + id, { signal: AbortSignal.timeout(PATIENCE_MS) }, () => {
        resolve(true)
        // Held until the window goes.
        return new Promise<never>(() => undefined)
      })
      .catch(() => {
        resolve(false)
      })
  })
}

/** Browsers give locks only to secure pages; over plain HTTP in a home network every window is its own. */
function lockManager(): Pick<LockManager, 'query' | 'request'> {
  if ('locks' in navigator) return navigator.locks
  return {
    query: () => Promise.resolve({ held: [], pending: [] }),
    request: ((_name: string, _options: LockOptions, callback: LockGrantedCallback<unknown>) =>
      Promise.resolve(callback({ name: '', mode: 'exclusive' }))) as LockManager['request'],
  }
}
