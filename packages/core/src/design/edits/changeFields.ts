import { cutText } from '../../units/cutText'
import { type Brief, DATA_KINDS, type DataKind, type DataOfKind, USUAL_FILE_BYTES } from '../brief'
import type { Design, FittedPart } from '../design'
import type { HouseRules } from '../houseRules'

export function renameDesign(design: Design, name: string): Design {
  const trimmed = cutText(name.trim(), 120)
  return trimmed === '' || trimmed === design.name ? design : { ...design, name: trimmed }
}

export function changeBrief(design: Design, change: Partial<Brief>): Design {
  return { ...design, brief: { ...design.brief, ...change } }
}

/** Changes what the brief says of one kind of data; a kind of which there is none is not in it. */
export function changeData(
  design: Design,
  kind: DataKind,
  change: Partial<Omit<DataOfKind, 'kind'>>,
): Design {
  const { data } = design.brief
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
  return changeBrief(design, {
    data: (isThere ? [...others, after] : others).sort((one, other) => order(one) - order(other)),
  })
}

export function changeHouseRules(design: Design, change: Partial<HouseRules>): Design {
  return { ...design, houseRules: { ...design.houseRules, ...change } }
}

/** Changes what is noted about pieces: whether they are owned, their label, their age, their sockets. */
export function notePieces(
  design: Design,
  partIds: readonly string[],
  change: Partial<Pick<FittedPart, 'owned' | 'label' | 'ageYears' | 'sockets' | 'returned'>>,
): Design {
  const ids = new Set(partIds)
  return {
    ...design,
    fitted: design.fitted.map((part) => (ids.has(part.id) ? { ...part, ...change } : part)),
  }
}
