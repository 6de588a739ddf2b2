import Checkbox from '@mui/material/Checkbox'
import Dialog from '@mui/material/Dialog'
import DialogContent from '@mui/material/DialogContent'
import DialogTitle from '@mui/material/DialogTitle'
import FormControlLabel from '@mui/material/FormControlLabel'
import { useEffect, useState } from 'react'
import { lenses } from '../lenses/lenses'
import { isTyping } from '../keys/isTyping'
import { isSilenced, lettersAreKeys, setLettersAreKeys } from '../keys/letterKeys'
import { TermList } from '../terms/TermList'
import { TERMS } from '../terms/terms'
import styles from './keys.module.css'
import { CloseDialog } from '../controls/CloseDialog'

const KEYS: readonly (readonly [keys: string, what: string])[] = [
  ...lenses.map(({ letter, title, purpose }) => [letter, `${title}: ${purpose}`] as const),
  ['arrows', 'walk the bays'],
  ['Shift + arrows', 'choose a run of bays'],
  ['Space', 'add a bay to the choice, or take it out'],
  ['r', 'choose the row of a bay'],
  ['Shift + drag', 'choose bays by a rectangle'],
  ['Ctrl + A', 'choose all bays'],
  ['Enter', 'on to what the tray offers for them'],
  ['arrows, Enter', 'in the tray: look at the offers, take one'],
  ['Esc', 'out of a field; back to the drawing; drop the choice'],
  ['m', 'take a drive along, and put it down'],
  ['x', 'try the failure of drives, to see what is survived; again to put them back'],
  ['Delete', 'take drives out of the design'],
  ['/', 'find a part'],
  ['g', 'go to what is to be chosen next'],
  ['Ctrl + Z, Ctrl + Shift + Z', 'undo, redo'],
  ['?', 'this list'],
]

export function KeysDialog() {
  const [open, setOpen] = useState(false)
  const [on, setOn] = useState(lettersAreKeys)
  useEffect(() => {
    function onKeyDown(event: KeyboardEvent): void {
      if (event.key === '?' && !isTyping(event.target) && !isSilenced(event)) setOpen(true)
    }
    window.addEventListener('keydown', onKeyDown)
    return () => {
      window.removeEventListener('keydown', onKeyDown)
    }
  }, [])
  const close = (): void => {
    setOpen(false)
  }
  return (
    <>
      <button
        type="button"
        className="plain-button"
        onClick={() => {
          setOpen(true)
        }}
      >
        keys ?
      </button>
      <Dialog open={open} onClose={close} aria-labelledby="keys-title">
        <DialogTitle id="keys-title">Keys and terms</DialogTitle>
        <DialogContent>
          <FormControlLabel
            label="Single letters and signs are keys"
            control={
              <Checkbox
                size="small"
                checked={on}
                onChange={(_event, wanted) => {
                  setLettersAreKeys(wanted)
                  setOn(wanted)
                }}
              />
            }
          />
          <p className="soft">Turned off, they do nothing outside the drawing of the bays.</p>
          <table className={styles.keys}>
            <tbody>
              {KEYS.map(([keys, what]) => (
                <tr key={keys + what}>
                  <th scope="row">{keys}</th>
                  <td>{what}</td>
                </tr>
              ))}
            </tbody>
          </table>
          <h3>Terms</h3>
          <TermList terms={TERMS} />
        </DialogContent>
        <CloseDialog onClose={close} />
      </Dialog>
    </>
  )
}
