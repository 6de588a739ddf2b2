import type { StoredPart } from '@flint/contract'
import { partKinds, type PartSheet, type SheetColumn } from '@flint/core/editing'
import Autocomplete from '@mui/material/Autocomplete'
import TextField from '@mui/material/TextField'
import { useMemo } from 'react'
import { partWords } from '../tray/partWords'
import { partName } from './sheetWords'
import styles from './parts.module.css'

interface InsidesFieldProps {
  column: SheetColumn
  /** The data sheets as JSON; empty where nobody has said it. */
  text: string
  /** All parts of the catalogue, of which those that can come in it are offered. */
  parts: readonly StoredPart[]
  onText: (text: string) => void
}

/** Whole parts that come with another: taken from the catalogue, one after another. */
export function InsidesField({ column, text, parts, onText }: InsidesFieldProps) {
  const { label, choices } = column
  const sheets = text.trim() === '' ? [] : (JSON.parse(text) as PartSheet[])
  const offered = useMemo(() => {
    const order = new Map(choices.map((kind, at) => [kind, at]))
    return parts
      .filter(({ sheet }) => order.has(sheet.kind))
      .toSorted(
        (one, other) => (order.get(one.sheet.kind) ?? 0) - (order.get(other.sheet.kind) ?? 0),
      )
  }, [parts, choices])
  const change = (next: readonly PartSheet[]): void => {
    onText(next.length === 0 ? '' : JSON.stringify(next))
  }
  return (
    <fieldset className={styles.entries}>
      <legend className="only-for-readers">{label}</legend>
      {sheets.length === 0 && <p className="soft">nothing</p>}
      {sheets.map((sheet, at) => (
        <div key={at} className={styles.inside}>
          <span>
            {partName(sheet)} <span className="soft">{partWords(sheet)}</span>
          </span>
          <button
            type="button"
            className="plain-button"
            aria-label={`Take out ${partName(sheet)}`}
            onClick={() => {
              change(sheets.filter((_, index) => index !== at))
            }}
          >
            take out
          </button>
        </div>
      ))}
      <Autocomplete
        className={styles.insideField}
        options={offered}
        value={null}
        blurOnSelect
        clearOnBlur
        size="small"
        groupBy={({ sheet }) => partKinds[sheet.kind].words.many}
        getOptionLabel={({ sheet }) => partName(sheet)}
        getOptionKey={({ slug }) => slug}
        noOptionsText="Nothing in the catalogue is called so"
        onChange={(_, part) => {
          if (part) change([...sheets, part.sheet])
        }}
        renderInput={(params) => (
          <TextField
            {...params}
            hiddenLabel
            placeholder="Add a part of the catalogue"
            slotProps={{
              ...params.slotProps,
              htmlInput: { ...params.slotProps.htmlInput, 'aria-label': `Add to ${label}` },
            }}
          />
        )}
      />
    </fieldset>
  )
}
