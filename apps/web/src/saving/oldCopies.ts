const PREFIX = 'flint-shelf/unsaved/'

/** A copy as versions before the browser's database kept it, under `…/design/window`. */
export interface OldCopy {
  key: string
  designId: string
  windowId: string
  copy: unknown
}

/** Copies that older versions left in a storage of texts; what is no JSON is handed on as the text it is. */
export function oldCopiesIn(storage: Storage): OldCopy[] {
  return Object.keys(storage).flatMap((key): OldCopy[] => {
    const text = key.startsWith(PREFIX) ? storage.getItem(key) : null
    const [designId, windowId] = key.slice(PREFIX.length).split('/')
    if (text === null || !designId || !windowId) return []
    return [{ key, designId, windowId, copy: readJson(text) }]
  })
}

function readJson(text: string): unknown {
  try {
    return JSON.parse(text)
  } catch {
    return text
  }
}
