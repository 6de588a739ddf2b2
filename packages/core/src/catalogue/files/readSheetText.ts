import type { PartKind } from '../partKinds'
import { type SheetColumn, sheetColumns } from '../sheetColumns'
import { cellText, readCell } from './cells'

export interface ReadSheetText {
  /** Text for a field, by the name of its column, as a form has it. */
  texts: Record<string, string>
  /** Lines that say nothing that is asked for, or cannot be read. */
  left: string[]
}

/** Between what a value is called and the value. */
const SEPARATORS = /\t+|\s*[:=|]\s*|\s{2,}/

/** What makers call things, by the name of the column. Common practice, no source. */
const CALLED: Record<string, readonly string[]> = {
  rpm: ['rotational speed', 'spindle speed', 'rotation speed'],
  capacityBytes: ['capacity', 'size', 'formatted capacity'],
  weightGrams: ['weight', 'net weight'],
  heightMm: ['height', 'cooler height', 'total height'],
  widthMm: ['width'],
  depthMm: ['depth'],
  lengthMm: ['length', 'card length', 'supply length'],
  ratedWatts: ['wattage', 'output', 'total output', 'tdp'],
  certificate: ['efficiency', 'certification', 'efficiency rating'],
  sataPorts: ['sata', 'sata connectors', 'sata 6gb/s'],
  memorySlots: ['memory slots', 'dimm slots', 'dimms'],
  memoryType: ['memory standard', 'supported memory'],
  size: ['form factor', 'board size'],
  socket: ['cpu socket', 'processor socket'],
  cores: ['core count', 'number of cores', 'cpu cores'],
  idleWatts: ['idle power', 'power idle', 'idle'],
  readingWatts: ['operating power', 'power read/write', 'average operating'],
  standbyWatts: ['standby power', 'standby/sleep', 'sleep power'],
  noiseDecibels: ['acoustics', 'noise level', 'acoustics idle'],
  outerRateBytesPerSecond: [
    'transfer rate',
    'sustained transfer rate',
    'max sustained transfer rate',
  ],
  maxCelsius: ['operating temperature max', 'maximum temperature'],
  sizeMm: ['fan size', 'diameter'],
}

/**
 * Reads the table of a data sheet as it is copied from a page or a document: a line for each value, with its name, a
 * colon, a tab or wide space, and the value with its unit.
 *
 * What is not understood is told back line by line; nothing is guessed from words alone.
 *
 * A case with "Depth: 43 cm" gives `{ depthMm: '430' }` as text.
 */
export function readSheetText(kind: PartKind, text: string): ReadSheetText {
  const columns = sheetColumns(kind).filter(({ type }) => type !== 'table' && type !== 'parts')
  const texts: Record<string, string> = {}
  const left: string[] = []
  for (const raw of text.split('\n')) {
    const line = raw.trim()
    if (line === '') continue
    const [label = '', ...rest] = line.split(SEPARATORS)
    const value = rest.join(' ').trim()
    const column = columnCalled(columns, label)
    const read = column && value !== '' ? valueText(column, value) : null
    if (column && read !== null && texts[column.name] === undefined) texts[column.name] = read
    else left.push(line)
  }
  return { texts, left }
}

const plainWords = (text: string): string =>
  text
    .toLowerCase()
    .replaceAll(/\(.*?\)|[^a-z0-9./ ]/g, ' ')
    .replaceAll(/\s+/g, ' ')
    .trim()

/** The column that is called so: by its own label, by what makers call it, or with its unit left out. */
function columnCalled(columns: readonly SheetColumn[], label: string): SheetColumn | undefined {
  const words = plainWords(label)
  if (words === '') return undefined
  return (
    columns.find((column) => plainWords(column.label) === words) ??
    columns.find(({ name }) => CALLED[name]?.includes(words)) ??
    columns.find(({ name }) => name.toLowerCase() === words.replaceAll(' ', ''))
  )
}

/** Whether a text has a word by itself, wherever it stands: "ATX" is not what "E-ATX" says. */
function hasWord(text: string, word: string): boolean {
  const literal = word.replaceAll(/[.*+?^${}()|[\]\\]/g, '\\$&')
  return new RegExp(`(?<![\\p{L}\\p{N}-])${literal}(?![\\p{L}\\p{N}-])`, 'u').test(text)
}

/** The value as a form has it; null where it cannot be read. */
function valueText(column: SheetColumn, value: string): string | null {
  const { type, choices } = column
  if (type === 'choice') {
    const lower = value.toLowerCase()
    const found =
      choices.find((choice) => String(choice).toLowerCase() === lower) ??
      choices.find((choice) => hasWord(lower, String(choice).toLowerCase()))
    return found === undefined ? null : String(found)
  }
  if (type === 'text' || type === 'list') return value
  // A count may be followed by what is counted: "7200 rpm", "6 ports".
  const counted = column.unit === '' ? [/^(\d+)\s+[a-z]/i.exec(value)?.[1] ?? ''] : []
  const candidates = [
    value,
    ...counted,
    /^[^\d-]*(-?\d[\d.,]*\s*[^\s\d,;(/]*(?:\/s)?)/.exec(value)?.[1] ?? '',
  ]
  for (const candidate of candidates) {
    if (candidate === '') continue
    const read = readCell(column, candidate)
    if ('reason' in read) continue
    const text = cellText(column, read.value)
    if (text !== '') return text
  }
  return null
}
