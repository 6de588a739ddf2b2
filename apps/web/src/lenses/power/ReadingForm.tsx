import { machineStates } from '@flint/core/figures'
import type { MachineStateId } from '@flint/core/editing'
import Checkbox from '@mui/material/Checkbox'
import FormControlLabel from '@mui/material/FormControlLabel'
import TextField from '@mui/material/TextField'
import { NumberField } from '../../controls/NumberField'
import { SmallChoice } from '../../controls/SmallChoice'
import type { ReadingDraft } from './readingFields'
import styles from './power.module.css'

interface ReadingFormProps {
  draft: ReadingDraft
  onChange: (draft: ReadingDraft) => void
}

/** What the meter shows, and the condition in which it shows it. */
export function ReadingForm({ draft, onChange }: ReadingFormProps) {
  const set = (change: Partial<ReadingDraft>): void => {
    onChange({ ...draft, ...change })
  }
  return (
    <div className={styles.brushes}>
      <SmallChoice
        label="Read in the state"
        value={draft.state ?? 'spinning'}
        width={220}
        options={machineStates.map(({ id, title }) => ({ value: id, text: title }))}
        onChange={(value) => {
          set({ state: value as MachineStateId })
        }}
      />
      <NumberField
        label="The meter shows"
        unit="W"
        width={150}
        optional
        min={0}
        max={100_000}
        value={draft.watts}
        onChange={(watts) => {
          set({ watts })
        }}
      />
      <NumberField
        label="Waited"
        unit="min"
        width={120}
        optional
        whole
        min={0}
        max={100_000}
        value={draft.minutesWaited ?? null}
        onChange={(minutesWaited) => {
          set({ minutesWaited })
        }}
      />
      <FormControlLabel
        control={
          <Checkbox
            size="small"
            checked={draft.lidClosed ?? false}
            onChange={(_, lidClosed) => {
              set({ lidClosed })
            }}
          />
        }
        label="lid closed"
      />
      <FormControlLabel
        control={
          <Checkbox
            size="small"
            checked={draft.peripheralsOut ?? false}
            onChange={(_, peripheralsOut) => {
              set({ peripheralsOut })
            }}
          />
        }
        label="screen, keyboard, sticks out"
      />
      <TextField
        label="Meter"
        size="small"
        value={draft.meter ?? ''}
        sx={{ width: 150 }}
        slotProps={{ htmlInput: { maxLength: 200 }, inputLabel: { shrink: true } }}
        onChange={({ target }) => {
          set({ meter: target.value })
        }}
      />
      <TextField
        label="Note"
        size="small"
        value={draft.note ?? ''}
        sx={{ width: 220 }}
        slotProps={{ htmlInput: { maxLength: 200 }, inputLabel: { shrink: true } }}
        onChange={({ target }) => {
          set({ note: target.value })
        }}
      />
    </div>
  )
}
