import { z } from 'zod'
import { type PartKind, partKinds } from './partKinds'

/** One value of a data sheet, as a form field, a line of a comparison or a column of a file. */
export interface SheetColumn {
  /** Path in the data sheet, `tray.columns`, or in the part, `price.unitMinor`. */
  name: string
  /** In words, without the unit: "board max depth". */
  label: string
  unit: string
  type: 'text' | 'number' | 'whole number' | 'yes or no' | 'choice' | 'list' | 'table' | 'parts'
  /** Of `parts` the kinds that they may be of. */
  choices: readonly (string | number)[]
  /** What the entries of a list are. */
  entries: 'text' | 'number' | null
  /** The columns of a table; null for what is none. */
  rows: readonly SheetColumn[] | null
  /** Whether a data sheet may lack it. */
  optional: boolean
  help: string
}

interface JsonSchema {
  type?: string | string[]
  enum?: (string | number)[]
  const?: string | number
  anyOf?: JsonSchema[]
  oneOf?: JsonSchema[]
  properties?: Record<string, JsonSchema>
  items?: JsonSchema
  description?: string
}

/** Endings of names that are units, the longer ones first. */
const UNITS: readonly (readonly [ending: string, unit: string])[] = [
  ['BytesPerSecond', 'B/s'],
  ['BitsPerSecond', 'bit/s'],
  ['bitsPerSecond', 'bit/s'],
  ['CubicMetresPerHour', 'm³/h'],
  ['MetresPerSecond', 'm/s'],
  ['Pascals', 'Pa'],
  ['VoltAmperes', 'VA'],
  ['Decibels', 'dB(A)'],
  ['Celsius', '°C'],
  ['Watts', 'W'],
  ['Bytes', 'B'],
  ['Grams', 'g'],
  ['Minor', 'cents'],
  ['Amps', 'A'],
  ['Mm', 'mm'],
]

/** Who made it, and where its values come from, are shown apart from the values. */
const APART = new Set(['kind', 'sources'])

const kept = new Map<PartKind, SheetColumn[]>()

/**
 * Every value of a kind's data sheet, in the order of its file, read from its schema.
 *
 * Values inside a value have columns of their own; lists of plain words or
 * numbers and tables of values have one.
 */
export function sheetColumns(kind: PartKind): SheetColumn[] {
  let columns = kept.get(kind)
  if (!columns) {
    columns = columnsOf(partKinds[kind].schema).filter(({ name }) => !APART.has(name))
    kept.set(kind, columns)
  }
  return columns
}

/** Every value that a schema of an object has room for. */
export const columnsOf = (schema: z.ZodType): SheetColumn[] =>
  columnsIn(z.toJSONSchema(schema, { io: 'input' }) as JsonSchema, '', false)

function columnsIn(
  { properties = {} }: JsonSchema,
  before: string,
  optional: boolean,
): SheetColumn[] {
  return Object.entries(properties).flatMap(([key, raw]) => {
    const name = before ? `${before}.${key}` : key
    const { schema, mayLack } = withoutNull(raw)
    if (key !== 'sources' && schema.properties) return columnsIn(schema, name, mayLack || optional)
    return [
      {
        name,
        ...fieldWords(name),
        ...typeOf(schema),
        entries: entriesOf(schema),
        rows: schema.items?.type === 'object' ? columnsIn(schema.items, '', false) : null,
        optional: mayLack || optional,
        // Whoever reads the file sees null, whoever fills in a form an empty field.
        help: (raw.description ?? '')
          .replaceAll(/\bnull\b/g, 'empty')
          .replaceAll(/\bNull\b/g, 'Empty'),
      },
    ]
  })
}

function withoutNull(schema: JsonSchema): { schema: JsonSchema; mayLack: boolean } {
  if (Array.isArray(schema.type)) {
    const [type = 'string'] = schema.type.filter((one) => one !== 'null')
    return { schema: { ...schema, type }, mayLack: schema.type.includes('null') }
  }
  const rest = schema.anyOf?.filter(({ type }) => type !== 'null')
  if (!rest || rest.length === schema.anyOf?.length) return { schema, mayLack: false }
  const [only] = rest
  return { schema: rest.length === 1 && only ? only : { anyOf: rest }, mayLack: true }
}

function typeOf(schema: JsonSchema): Pick<SheetColumn, 'type' | 'choices'> {
  const choices = schema.enum ?? schema.anyOf?.flatMap((one) => one.const ?? [])
  if (choices && choices.length > 0) return { type: 'choice', choices }
  switch (schema.type) {
    case 'boolean':
      return { type: 'yes or no', choices: [] }
    case 'integer':
      return { type: 'whole number', choices: [] }
    case 'number':
      return { type: 'number', choices: [] }
    case 'array': {
      const kinds = schema.items?.oneOf?.flatMap((one) => one.properties?.kind?.const ?? [])
      if (kinds && kinds.length > 0) return { type: 'parts', choices: kinds }
      const inside = schema.items ? typeOf(schema.items) : { choices: [] }
      return schema.items?.type === 'object'
        ? { type: 'table', choices: [] }
        : { type: 'list', choices: inside.choices }
    }
    default:
      return { type: 'text', choices: [] }
  }
}

function entriesOf({ type, items }: JsonSchema): SheetColumn['entries'] {
  if (type !== 'array' || !items || items.type === 'object' || items.oneOf) return null
  const { type: inside, choices } = typeOf(items)
  const numbers = inside === 'number' || inside === 'whole number'
  return numbers || typeof choices[0] === 'number' ? 'number' : 'text'
}

/** Names that do not read well by themselves. */
const LABELS: Record<string, string> = {
  'price.unitMinor': 'price',
  'price.shippingMinor': 'shipping',
  m2Keys: 'M.2 keys',
  m2LengthMm: 'M.2 length',
  m2Sockets: 'M.2 sockets',
  openings525: '5.25" openings',
  maxCelsius: 'warmest allowed',
  start12VAmps: 'starting current at 12 V',
  start5VAmps: 'starting current at 5 V',
  spinUpSeconds: 'seconds to spin up',
  rated12VAmps: '12 V rails together',
  rated5VAmps: '5 V rail',
  driveRail12VAmps: '12 V rail of the drives',
  rpm: 'revolutions a minute',
  bitsPerSecond: 'rate of each port',
  idleWatts: 'idle power',
  inUse: 'while this is used',
  loses: 'this one falls',
  lanesLeft: 'to so many lanes',
  count: 'how many',
  insides: 'what comes in it',
  soldered: 'soldered on',
}

/**
 * A field of a data sheet in words, and its unit.
 * @example fieldWords('boardMaxDepthMm') // { label: 'board max depth', unit: 'mm' }
 */
export function fieldWords(name: string): { label: string; unit: string } {
  const found = UNITS.find(([ending]) => name.endsWith(ending))
  const stem = found ? name.slice(0, -found[0].length) : name
  const words = stem
    .replaceAll('.', ' ')
    .replace(/([a-z])([A-Z0-9])/g, '$1 $2')
    .replace(/([0-9])([A-Z])/g, '$1 $2')
    .toLowerCase()
    .replace(/\b(cpu|sata|ecc|bios|usb|ups|sas)\b/g, (word) => word.toUpperCase())
    .replace(/\bpcie\b/g, 'PCIe')
  return { label: LABELS[name] ?? words.trim(), unit: found?.[1] ?? '' }
}

/** The value of a column in a data sheet; null where it is not known. */
export function columnValue(sheet: object, name: string): unknown {
  let value: unknown = sheet
  for (const step of name.split('.')) {
    if (typeof value !== 'object' || value === null) return null
    value = (value as Record<string, unknown>)[step] ?? null
  }
  return value
}

/** A data sheet with the value of one column changed; a value inside nothing makes the whole of it. */
export function withColumnValue(
  sheet: Record<string, unknown>,
  name: string,
  value: unknown,
): Record<string, unknown> {
  const [first = '', ...rest] = name.split('.')
  if (rest.length === 0) return { ...sheet, [first]: value }
  const inner = sheet[first]
  const before =
    typeof inner === 'object' && inner !== null ? (inner as Record<string, unknown>) : {}
  const after = withColumnValue(before, rest.join('.'), value)
  const empty = Object.values(after).every((one) => one === null)
  return { ...sheet, [first]: empty ? null : after }
}
