import { GIB } from '@flint/core/drawing'
import {
  BOARD_SIZES,
  type BoardSize,
  type Design,
  oldComputer,
  readDriveList,
} from '@flint/core/editing'
import Dialog from '@mui/material/Dialog'
import DialogActions from '@mui/material/DialogActions'
import DialogContent from '@mui/material/DialogContent'
import DialogTitle from '@mui/material/DialogTitle'
import MenuItem from '@mui/material/MenuItem'
import TextField from '@mui/material/TextField'
import { useState } from 'react'
import { format } from '../controls/locale'
import { NumberField } from '../controls/NumberField'
import styles from './shelf.module.css'

interface OldComputerFormProps {
  name: string
  /** Why it could not be kept; empty for none. */
  problem: string
  onBack: () => void
  onMade: (design: Design) => Promise<void>
}

/** What is asked, with what most have. */
const USUAL = { boardSize: 'ATX' as BoardSize, bays: 4, sataPorts: 6, supplyWatts: 400 }

/** A computer that is in the house: what one sees with its side off. All else of it stays not known. */
export function OldComputerForm({ name, problem, onBack, onMade }: OldComputerFormProps) {
  const [boardSize, setBoardSize] = useState(USUAL.boardSize)
  const [bays, setBays] = useState<number | null>(USUAL.bays)
  const [sataPorts, setSataPorts] = useState<number | null>(USUAL.sataPorts)
  const [memoryGib, setMemoryGib] = useState<number | null>(null)
  const [supplyWatts, setSupplyWatts] = useState<number | null>(USUAL.supplyWatts)
  const [driveText, setDriveText] = useState('')
  const drives = readDriveList(driveText)
  const wrong = 'problem' in drives ? drives.problem : null
  const count = Array.isArray(drives) ? drives.reduce((sum, one) => sum + one.count, 0) : 0
  const bytes = Array.isArray(drives)
    ? drives.reduce((sum, one) => sum + one.count * one.capacityBytes, 0)
    : 0

  async function make(): Promise<void> {
    if (!Array.isArray(drives) || bays === null || sataPorts === null || supplyWatts === null)
      return
    const memoryBytes = memoryGib === null ? null : Math.round(memoryGib * GIB)
    await onMade(
      oldComputer({ name, boardSize, bays, sataPorts, memoryBytes, supplyWatts, drives }),
    )
  }

  return (
    <Dialog open onClose={onBack} aria-labelledby="old-title" fullWidth maxWidth="xs">
      <form
        onSubmit={(event) => {
          event.preventDefault()
          void make()
        }}
      >
        <DialogTitle id="old-title">An old computer that is there</DialogTitle>
        <DialogContent>
          <div className={styles.form}>
            <p className="soft">
              What one sees with its side off. All else stays not known and can be entered later;
              its pieces count as owned.
            </p>
            <div className={styles.formPair}>
              <NumberField
                label={'Places for 3.5" drives'}
                value={bays}
                min={0}
                max={30}
                whole
                onChange={setBays}
              />
              <NumberField
                label="SATA ports on the board"
                value={sataPorts}
                min={0}
                max={30}
                whole
                onChange={setSataPorts}
              />
              <NumberField
                label="Memory"
                unit="GiB"
                value={memoryGib}
                min={0.25}
                max={1_024}
                optional
                onChange={setMemoryGib}
              />
              <NumberField
                label="Power supply"
                unit="W"
                value={supplyWatts}
                min={1}
                max={3_000}
                onChange={setSupplyWatts}
              />
            </div>
            <TextField
              select
              label="Size of the board"
              value={boardSize}
              onChange={({ target }) => {
                setBoardSize(target.value as BoardSize)
              }}
            >
              {BOARD_SIZES.map((size) => (
                <MenuItem key={size} value={size}>
                  {size}
                </MenuItem>
              ))}
            </TextField>
            <TextField
              label="Drives that are there"
              placeholder="4 × 2 TB, 2 × 500 GB"
              value={driveText}
              error={wrong !== null}
              helperText={
                wrong ??
                (count > 0
                  ? `${format.counted(count, 'drive')}, ${format.drive(bytes)} in all`
                  : 'Empty: none yet.')
              }
              slotProps={{ inputLabel: { shrink: true }, htmlInput: { maxLength: 400 } }}
              onChange={({ target }) => {
                setDriveText(target.value)
              }}
            />
            {problem && <p role="alert">{problem}</p>}
          </div>
        </DialogContent>
        <DialogActions>
          <button type="button" className="plain-button" onClick={onBack}>
            Back
          </button>
          <button type="submit" className="plain-button" disabled={wrong !== null}>
            Create
          </button>
        </DialogActions>
      </form>
    </Dialog>
  )
}
