import type { Brief } from '../brief'
import type { DesignDocument, FittedPart } from '../document'
import type { HouseRules } from '../houseRules'

export function renameDesign(document: DesignDocument, name: string): DesignDocument {
  const trimmed = name.trim().slice(0, 120)
  return trimmed === '' || trimmed === document.name ? document : { ...document, name: trimmed }
}

export function changeBrief(document: DesignDocument, change: Partial<Brief>): DesignDocument {
  return { ...document, brief: { ...document.brief, ...change } }
}

export function changeHouseRules(
  document: DesignDocument,
  change: Partial<HouseRules>,
): DesignDocument {
  return { ...document, houseRules: { ...document.houseRules, ...change } }
}

/** Changes what is noted about pieces: whether they are owned, their label, their age, their sockets. */
export function notePieces(
  document: DesignDocument,
  partIds: readonly string[],
  change: Partial<Pick<FittedPart, 'owned' | 'label' | 'ageYears' | 'sockets'>>,
): DesignDocument {
  const ids = new Set(partIds)
  return {
    ...document,
    fitted: document.fitted.map((part) => (ids.has(part.id) ? { ...part, ...change } : part)),
  }
}
