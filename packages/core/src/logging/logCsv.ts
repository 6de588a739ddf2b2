import Papa from 'papaparse'
import type { SeenMachine } from '../proving/collected/seenMachine'

/** What happened to a machine. */
export const EVENT_KINDS = [
  'failed',
  'sent back',
  'came back',
  'replaced',
  'firmware',
  'cleaned',
  'moved',
  'note',
] as const
export type EventKind = (typeof EVENT_KINDS)[number]

export interface LogEvent {
  /** As ISO 8601 has it. */
  at: string
  kind: EventKind
  /** The piece that it is about; null for the machine. */
  pieceId: string | null
  text: string
}

const ROW_END = '\r\n'
const rowOf = (cells: readonly (string | number | null)[]): string =>
  `${Papa.unparse([cells], { escapeFormulae: true })}${ROW_END}`

/** Events as CSV (RFC 4180); a text that a spreadsheet would run is made harmless. */
export const eventsCsv = {
  head: `at,kind,pieceId,text${ROW_END}`,
  line: ({ at, kind, pieceId, text }: LogEvent): string => rowOf([at, kind, pieceId, text]),
}

/** Temperatures as CSV, one in each row; a log of them is read with a column for each, and these are read back as one. */
export const temperaturesCsv = {
  head: `at,name,celsius${ROW_END}`,
  line: ({ at, name, celsius }: { at: string; name: string; celsius: number }): string =>
    rowOf([at, name, celsius]),
}

const SMART_COLUMNS = [
  'hours',
  'celsius',
  'reallocated',
  'pending',
  'uncorrectable',
  'interfaceErrors',
  'usedShare',
  'writtenBytes',
] as const

/** The health of drives as CSV: a row for each drive each time that the machine was asked. */
export const smartCsv = {
  head: `at,device,serial,model,${SMART_COLUMNS.join(',')}${ROW_END}`,
  line: ({ at, drives }: Pick<SeenMachine, 'at' | 'drives'>): string =>
    drives
      .flatMap(({ device, serial, model, smart }) =>
        smart
          ? [rowOf([at, device, serial, model, ...SMART_COLUMNS.map((column) => smart[column])])]
          : [],
      )
      .join(''),
}
