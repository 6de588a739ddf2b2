import { z } from 'zod'
import { type PartKind, partSheet } from './partKinds'

export interface KindWords {
  kind: PartKind
  /** "bay cage" and "bay cages". */
  one: string
  many: string
}

/** What each kind of part is called, as its own file says. */
export const kindWords: readonly KindWords[] = partSheet.options.map((option) => {
  const { title = '', plural } = (z.globalRegistry.get(option) ?? {}) as {
    title?: string
    plural?: string
  }
  const kind = option.shape.kind.value
  return { kind, one: title || kind, many: plural ?? `${title || kind}s` }
})
