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

/** Once the price stood on the data sheet; whoever has a place for it beside the sheet takes it there first. */
const GONE = new Set(['price'])
/** Fields that hold whole data sheets. */
const HOLD_SHEETS = new Set(['insides', 'soldered'])

/**
 * A data sheet as somebody kept it, with the names that its fields have today, and without what is on none any more.
 *
 * @param raw anything; what is no data sheet is returned as it is, for the schema to refuse
 * @example withFieldsToday({ kind: 'controller', manner: 'plain' }) // { kind: 'controller', controllerType: 'plain' }
 */
export function withFieldsToday(raw: unknown): unknown {
  if (typeof raw !== 'object' || raw === null || !('kind' in raw)) return raw
  const renamed = RENAMED[raw.kind as PartKind] ?? {}
  const entries = Object.entries<unknown>({ ...raw })
  if (!entries.some(([name, value]) => isOld(name, value, renamed))) return raw
  const today = new Set(entries.map(([name]) => name))
  return Object.fromEntries(
    entries.flatMap(([name, value]) => {
      if (GONE.has(name)) return []
      const now = Object.hasOwn(renamed, name) ? (renamed[name] ?? name) : name
      // Where both names are given, the one of today holds.
      if (now !== name && today.has(now)) return []
      return [[now, HOLD_SHEETS.has(now) ? sheetsToday(value) : value]]
    }),
  )
}

function isOld(name: string, value: unknown, renamed: Readonly<Record<string, string>>): boolean {
  if (HOLD_SHEETS.has(name)) return sheetsToday(value) !== value
  return GONE.has(name) || Object.hasOwn(renamed, name)
}

/** A list of data sheets as they are written today; the very same list where none of them is old. */
function sheetsToday(list: unknown): unknown {
  if (!Array.isArray(list)) return list
  const today = list.map(withFieldsToday)
  return today.some((sheet, at) => sheet !== list[at]) ? today : list
}

/**
 * Anything that has a data sheet, a part or a snapshot of one, as it is written today: its fields with the names of
 * today, and the price beside the sheet.
 */
export function withSheetToday(raw: unknown): unknown {
  if (typeof raw !== 'object' || raw === null || !('sheet' in raw)) return raw
  const sheet = withFieldsToday(raw.sheet)
  if (sheet === raw.sheet) return raw
  const onSheet = raw.sheet as { price?: unknown }
  return { ...('price' in onSheet ? { price: onSheet.price } : {}), ...raw, sheet }
}
