/** A choice of a field in a row, and what it is called. */
export interface RowChoice {
  value: string
  text: string
}

/** How a row of a table reads as one sentence: by the name of each column, what stands before its field. */
export interface RowSentence {
  before: Readonly<Record<string, string>>
  choices: Readonly<Record<string, readonly RowChoice[]>>
}

const LANES_LEFT: readonly RowChoice[] = [
  { value: '0', text: 'nothing: it is off' },
  ...['1', '2', '4', '8'].map((value) => ({ value, text: `×${value}` })),
]

/**
 * The sentence of a table's rows: "while slot 2 is used, slot 3 falls to ×2".
 *
 * @param slots the rows of the board's slots as JSON, which the sentence chooses from; so its M.2 sockets
 * @returns null for tables whose rows are plain fields
 */
export function rowSentence(name: string, slots: string, m2Sockets: string): RowSentence | null {
  if (name !== 'sharing') return null
  const places = [...placesOf('slot', 'slot', slots), ...placesOf('m2', 'M.2', m2Sockets)]
  return {
    before: { inUse: 'While', loses: 'is used,', lanesLeft: 'falls to' },
    choices: { inUse: places, loses: places, lanesLeft: LANES_LEFT },
  }
}

function placesOf(code: string, word: string, rows: string | undefined): RowChoice[] {
  const count = !rows?.trim() ? 0 : (JSON.parse(rows) as unknown[]).length
  return Array.from({ length: count }, (_, index) => ({
    value: `${code}-${index + 1}`,
    text: `${word} ${index + 1}`,
  }))
}
