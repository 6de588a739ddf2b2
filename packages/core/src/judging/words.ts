import { fieldWords } from '../catalogue/sheetColumns'
import type { Design } from '../design/design'
import { bayIdsOf, fittedWithSheets } from '../design/fittedParts'
import { letteredGroups } from '../design/groupLetters'
import type { Missing } from '../units/amount'
import { lowerFirst } from '../units/firstLetter'
import type { Formatter } from '../units/formatter'
import { familyOf } from '../pool/families'
import type { Traits } from '../pool/layoutFamily'
import { sheetName } from '../catalogue/sheetName'

/** The names that sentences use, and the digits in which they write. */
export interface Words {
  format: Formatter
  currency: string
  /** A piece by maker and model; "a part" for one that is gone. */
  piece: (id: string) => string
  /** Several, each name once: "Quillon Keep 12 and Lockrow Six". */
  pieces: (ids: readonly string[]) => string
  /** The model alone, where the maker is clear. */
  model: (id: string) => string
  /** Bays by their number: "bay 3"; several by how many they are: "4 bays". */
  bays: (ids: readonly string[]) => string
  /** "pool tank"; a name that says so itself is left as it is: "pool 1". */
  pool: (id: string) => string
  /** How a pool behaves; null for one that is gone. */
  traits: (poolId: string) => Traits | null
  /** Letters of groups: "A and C". */
  letters: (groupIds: readonly string[]) => string
  /** Why some of a group lies idle: "the smallest drive …". */
  idleBecause: (groupId: string) => string
}

/** The words for what is said about a design. */
export function wordsFor(
  design: Pick<Design, 'fitted' | 'snapshots' | 'pools' | 'brief'>,
  format: Formatter,
): Words {
  const sheets = new Map(fittedWithSheets(design).map(({ part, sheet }) => [part.id, sheet]))
  const pools = new Map(design.pools.map((pool) => [pool.id, pool]))
  const groups = new Map(letteredGroups(design).map((one) => [one.group.id, one]))
  const piece = (id: string): string => {
    const sheet = sheets.get(id)
    return sheet ? sheetName(sheet) : 'a part'
  }
  return {
    format,
    currency: design.brief.currency,
    piece,
    pieces: (ids) => listed([...new Set(ids.map(piece))]),
    model: (id) => sheets.get(id)?.model ?? 'a part',
    bays: (ids) => {
      const [only = ''] = ids
      if (ids.length !== 1) return format.counted(ids.length, 'bay')
      const number = [...sheets]
        .map(([id, sheet]) => bayIdsOf(id, sheet).indexOf(only) + 1)
        .find((at) => at > 0)
      return number === undefined ? 'a bay' : `bay ${number}`
    },
    pool: (id) => {
      const name = pools.get(id)?.name ?? id
      return /^pool\b/i.test(name) ? lowerFirst(name) : `pool ${name}`
    },
    traits: (poolId) => {
      const pool = pools.get(poolId)
      return pool ? familyOf(pool).traits(pool) : null
    },
    letters: (groupIds) => listed(groupIds.flatMap((id) => groups.get(id)?.letter ?? [])),
    idleBecause: (groupId) => {
      const one = groups.get(groupId)
      return one ? familyOf(one.pool).idleBecause(one.group) : ''
    },
  }
}

/** @example listed(['A', 'B', 'C']) // 'A, B and C' */
export function listed(texts: readonly string[]): string {
  const [last = '', ...before] = [...texts].reverse()
  return before.length === 0 ? last : `${before.reverse().join(', ')} and ${last}`
}

/** Values of the brief as a sentence names them; a data sheet's have their words from its columns. */
const BRIEF_WORDS: Record<string, string> = {
  secondCopyEveryHours: 'how often the second copy is made',
  data: 'how much data there is',
  'tax.percent': 'how much tax is',
  rate: 'a rate for the currency of the budget',
}

/** What a design says of a piece beside its data sheet. */
const PIECE_WORDS: Record<string, string> = {
  plugsIn: 'where its plugs go',
}

/** A missing value, without the piece it belongs to: "peak power". */
export function fieldName({ pieceId, field }: Missing): string {
  return (pieceId === null ? BRIEF_WORDS[field] : PIECE_WORDS[field]) ?? fieldWords(field).label
}

/**
 * What is missing, piece by piece.
 * For example "length and bracket of Lockrow Six not given".
 */
export function missingWords(missing: readonly Missing[], words: Words): string {
  const byName = new Map<string, Set<string>>()
  for (const one of missing) {
    const of = one.pieceId === null ? '' : words.piece(one.pieceId)
    const fields = byName.get(of) ?? new Set()
    byName.set(of, fields.add(fieldName(one)))
  }
  const parts = [...byName].map(([of, fields]) => {
    const what = listed([...fields])
    return of === '' ? `the brief does not say ${what}` : `${what} of ${of} not given`
  })
  return parts.join(', ')
}
