import type { KeptCopy } from '../store/sheetSlice'

const PREFIX = 'flint-shelf/unsaved'

/**
 * Copies in the browser's storage, one for each design and window.
 *
 * Every window has its own, so that two windows on one design cannot overwrite each other's work. A
 * window holds a lock of its name as long as it lives; a copy whose window is gone is taken up by the
 * next one that opens the design.
 */
export class KeptCopies {
  constructor(
    private readonly storage: Storage,
    private readonly windowId: string,
    private readonly liveWindows: () => Promise<ReadonlySet<string>>,
  ) {}

  /** @returns false when the browser refuses to keep it */
  keep(designId: string, copy: KeptCopy): boolean {
    try {
      this.storage.setItem(this.key(designId, this.windowId), JSON.stringify(copy))
      return true
    } catch {
      return false
    }
  }

  drop(designId: string): void {
    this.storage.removeItem(this.key(designId, this.windowId))
  }

  /** This window's copy of a design, or one left behind by a window that is gone. */
  async take(designId: string): Promise<KeptCopy | null> {
    const own = this.read(this.key(designId, this.windowId))
    if (own) return own
    const live = await this.liveWindows()
    const start = `${PREFIX}/${designId}/`
    for (const key of Object.keys(this.storage)) {
      if (!key.startsWith(start) || live.has(key.slice(start.length))) continue
      const left = this.read(key)
      if (!left) continue
      this.keep(designId, left)
      this.storage.removeItem(key)
      return left
    }
    return null
  }

  private read(key: string): KeptCopy | null {
    try {
      const copy: unknown = JSON.parse(this.storage.getItem(key) ?? 'null')
      return isKeptCopy(copy) ? copy : null
    } catch {
      return null
    }
  }

  private key(designId: string, windowId: string): string {
    return `${PREFIX}/${designId}/${windowId}`
  }
}

function isKeptCopy(copy: unknown): copy is KeptCopy {
  return (
    typeof copy === 'object' &&
    copy !== null &&
    'document' in copy &&
    'baseRevision' in copy &&
    typeof copy.baseRevision === 'number'
  )
}
