import Papa from 'papaparse'

/** A reading as a file has it; null where nobody said it. */
export interface CsvReading {
  takenAt: string
  watts: number
  state: string | null
  lidClosed: boolean | null
  peripheralsOut: boolean | null
  minutesWaited: number | null
  meter: string
  note: string
  source: string
  pulledPieceId: string | null
  wattsBefore: number | null
}

const COLUMNS = [
  'takenAt',
  'watts',
  'state',
  'lidClosed',
  'peripheralsOut',
  'minutesWaited',
  'meter',
  'note',
  'source',
  'pulledPieceId',
  'wattsBefore',
] as const satisfies readonly (keyof CsvReading)[]

const ROW_END = '\r\n'

/**
 * Readings as CSV (RFC 4180): times in UTC first and watts beside them, as a log of watts is read. A text that a
 * spreadsheet would take for a formula is quoted so that it does not.
 */
export const readingsCsv = {
  head: `${COLUMNS.join(',')}${ROW_END}`,
  line: (reading: CsvReading): string =>
    `${Papa.unparse([COLUMNS.map((column) => reading[column])], { escapeFormulae: true })}${ROW_END}`,
}
