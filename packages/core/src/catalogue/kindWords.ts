import { PART_KINDS, type PartKind, partKinds } from './partKinds'

export interface KindWords {
  kind: PartKind
  /** "bay cage" and "bay cages". */
  one: string
  many: string
}

/** What each kind of part is called, in the order in which kinds are listed. */
export const kindWords: readonly KindWords[] = PART_KINDS.map((kind) => ({
  kind,
  ...partKinds[kind].words,
}))
