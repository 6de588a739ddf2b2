import type { PartKind } from './partKinds'

/**
 * Fields of data sheets that once had another name, by kind: old name → name today.
 *
 * Files, designs and parts that somebody kept with the old name are read for ever; only the new name is
 * written.
 */
const RENAMED: Partial<Record<PartKind, Readonly<Record<string, string>>>> = {
  controller: { manner: 'controllerType' },
}

/** The name today of a field of a data sheet; most never had another. */
export function fieldToday(kind: PartKind, name: string): string {
  return RENAMED[kind]?.[name] ?? name
}

/**
 * A data sheet as somebody kept it, with the names that its fields have today.
 *
 * @param raw anything; what is no data sheet is returned as it is, for the schema to refuse
 * @example withFieldsToday({ kind: 'controller', manner: 'plain' }) // { kind: 'controller', controllerType: 'plain' }
 */
export function withFieldsToday(raw: unknown): unknown {
  if (typeof raw !== 'object' || raw === null || !('kind' in raw)) return raw
  const renamed = RENAMED[raw.kind as PartKind]
  if (!renamed) return raw
  const entries = Object.entries(raw)
  if (!entries.some(([name]) => Object.hasOwn(renamed, name))) return raw
  const today = new Set(entries.map(([name]) => name))
  return Object.fromEntries(
    entries.flatMap(([name, value]) => {
      const now = Object.hasOwn(renamed, name) ? (renamed[name] ?? name) : name
      // Where both names are given, the one of today holds.
      return now !== name && today.has(now) ? [] : [[now, value]]
    }),
  )
}

/** Anything that has a data sheet, a part or a snapshot of one, with its fields as they are called today. */
export function withSheetToday(raw: unknown): unknown {
  if (typeof raw !== 'object' || raw === null || !('sheet' in raw)) return raw
  const sheet = withFieldsToday(raw.sheet)
  return sheet === raw.sheet ? raw : { ...raw, sheet }
}
