import type { PartKind } from '@flint/core/editing'
import { readSheetText } from '@flint/core/files'
import TextField from '@mui/material/TextField'
import { useState } from 'react'
import { format } from '../controls/locale'
import styles from './parts.module.css'
import type { Texts } from './sheetTexts'

/** Longer than any data sheet that a person copies. */
const MOST_LETTERS = 20_000

/** The table of a data sheet, pasted as it is: what is understood goes into the fields, the rest is told back. */
export function PasteSheet({ kind, onRead }: { kind: PartKind; onRead: (texts: Texts) => void }) {
  const [text, setText] = useState<string | null>(null)
  const [news, setNews] = useState<{ count: number; left: string[] } | null>(null)
  if (text === null) {
    return (
      <p>
        <button
          type="button"
          className="plain-button"
          onClick={() => {
            setText('')
          }}
        >
          Paste a data sheet
        </button>
        {news && (
          <span role="status">
            {' '}
            {news.count === 1 ? 'One value' : `${format.number(news.count)} values`} read.
            {news.left.length > 0 && ` Not understood: ${news.left.join('; ')}.`}
          </span>
        )}
      </p>
    )
  }
  return (
    <div className={styles.paste}>
      <TextField
        multiline
        minRows={4}
        maxRows={12}
        autoFocus
        fullWidth
        label="A data sheet"
        placeholder={'Capacity: 12 TB\nIdle power: 5.1 W'}
        helperText="A line for each value, with its name and unit."
        value={text}
        slotProps={{ htmlInput: { maxLength: MOST_LETTERS }, inputLabel: { shrink: true } }}
        onChange={({ target }) => {
          setText(target.value)
        }}
      />
      <p>
        <button
          type="button"
          className="plain-button"
          onClick={() => {
            const { texts, left } = readSheetText(kind, text)
            onRead(texts)
            setNews({ count: Object.keys(texts).length, left })
            setText(null)
          }}
        >
          Read it
        </button>
        <button
          type="button"
          className="plain-button"
          onClick={() => {
            setText(null)
          }}
        >
          Leave it
        </button>
      </p>
    </div>
  )
}
