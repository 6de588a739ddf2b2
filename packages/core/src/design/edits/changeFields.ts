import { type Brief, DATA_KINDS, type DataKind, type DataOfKind, USUAL_FILE_BYTES } from '../brief'
import type { DesignDocument, FittedPart } from '../document'
import type { HouseRules } from '../houseRules'

export function renameDesign(document: DesignDocument, name: string): DesignDocument {
  const trimmed = name.trim().slice(0, 120)
  return trimmed === '' || trimmed === document.name ? document : { ...document, name: trimmed }
}

export function changeBrief(document: DesignDocument, change: Partial<Brief>): DesignDocument {
  return { ...document, brief: { ...document.brief, ...change } }
}

/** Changes what the brief says of one kind of data; a kind of which there is none is not in it. */
export function changeData(
  document: DesignDocument,
  kind: DataKind,
  change: Partial<Omit<DataOfKind, 'kind'>>,
): DesignDocument {
  const { data } = document.brief
  const before = data.find((entry) => entry.kind === kind) ?? {
    kind,
    nowBytes: 0,
    growthBytesPerYear: 0,
    fileBytes: USUAL_FILE_BYTES[kind],
  }
  const after = { ...before, ...change }
  const others = data.filter((entry) => entry.kind !== kind)
  const isThere = after.nowBytes > 0 || after.growthBytesPerYear > 0
  const order = (entry: DataOfKind): number => DATA_KINDS.indexOf(entry.kind)
  return changeBrief(document, {
    data: (isThere ? [...others, after] : others).sort((one, other) => order(one) - order(other)),
  })
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
