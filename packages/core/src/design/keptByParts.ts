import type { DesignDocument } from './document'

/**
 * Works something out once for as long as parts, bays, pools and fixed paths stay what they are.
 *
 * Most edits change something else: a brief, a price, an age, a note. What depends on the parts alone is
 * costly, so the last answer is kept, beside one for each document that lives.
 *
 * @param find must look at nothing of a document but `snapshots`, `pools`, `paths` and, of what is fitted,
 * which part sits in which bay
 */
export function keptByParts<Rest extends unknown[], Answer>(
  find: (document: DesignDocument, ...rest: Rest) => Answer,
): (document: DesignDocument, ...rest: Rest) => Answer {
  const kept = new WeakMap<DesignDocument, { answer: Answer }>()
  let last: { document: DesignDocument; answer: Answer } | null = null
  return (document, ...rest) => {
    const before = kept.get(document)
    if (before) return before.answer
    const answer =
      last && sameParts(last.document, document) ? last.answer : find(document, ...rest)
    last = { document, answer }
    kept.set(document, { answer })
    return answer
  }
}

function sameParts(one: DesignDocument, other: DesignDocument): boolean {
  return (
    one.snapshots === other.snapshots &&
    one.pools === other.pools &&
    one.paths === other.paths &&
    one.fitted.length === other.fitted.length &&
    one.fitted.every(({ id, snapshotId, bay }, index) => {
      const part = other.fitted[index]
      return part?.id === id && part.snapshotId === snapshotId && part.bay === bay
    })
  )
}
