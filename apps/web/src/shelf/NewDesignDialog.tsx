import { newDesign, type PartKind } from '@flint/core/editing'
import Dialog from '@mui/material/Dialog'
import DialogActions from '@mui/material/DialogActions'
import DialogContent from '@mui/material/DialogContent'
import DialogTitle from '@mui/material/DialogTitle'
import MenuItem from '@mui/material/MenuItem'
import TextField from '@mui/material/TextField'
import { useState } from 'react'
import { useNavigate } from 'react-router'
import { useCreateDesignMutation } from '../api/api'
import { useParts } from '../api/useParts'
import { problemSentence } from '../api/problemOf'
import styles from './shelf.module.css'

/** What a design starts with; each can stay open. */
const KINDS: readonly { kind: PartKind; label: string; help: string }[] = [
  { kind: 'chassis', label: 'Chassis', help: 'Its bays are what you fill.' },
  { kind: 'board', label: 'Board', help: 'Its ports are counted against the drives.' },
  { kind: 'cpu', label: 'CPU', help: '' },
  {
    kind: 'supply',
    label: 'Power supply',
    help: 'Without one the watts at the wall are not known.',
  },
]

export function NewDesignDialog({ onClose }: { onClose: () => void }) {
  const navigate = useNavigate()
  const { data: parts = [], error: partsError } = useParts()
  const [createDesign, { error, isLoading }] = useCreateDesignMutation()
  const [name, setName] = useState('')
  const [chosen, setChosen] = useState<Partial<Record<PartKind, string>>>({})

  async function create(): Promise<void> {
    const wanted = KINDS.flatMap(({ kind }) => parts.filter(({ slug }) => slug === chosen[kind]))
    const result = await createDesign(
      newDesign(
        name,
        wanted.map(({ slug, version, sheet }) => ({ slug, version, sheet })),
      ),
    )
    if (result.data) await navigate(`/designs/${result.data.id}/brief`)
  }

  const problem = partsError ?? error
  return (
    <Dialog open onClose={onClose} aria-labelledby="new-title">
      <form
        onSubmit={(event) => {
          event.preventDefault()
          void create()
        }}
      >
        <DialogTitle id="new-title">New design</DialogTitle>
        <DialogContent>
          <div className={styles.form}>
            <TextField
              label="Name"
              autoFocus
              value={name}
              slotProps={{ htmlInput: { maxLength: 120 } }}
              onChange={({ target }) => {
                setName(target.value)
              }}
            />
            {KINDS.map(({ kind, label, help }) => (
              <TextField
                key={kind}
                select
                label={label}
                helperText={help}
                value={chosen[kind] ?? ''}
                onChange={({ target }) => {
                  setChosen({ ...chosen, [kind]: target.value })
                }}
              >
                <MenuItem value="">Not chosen yet</MenuItem>
                {parts
                  .filter(({ sheet }) => sheet.kind === kind)
                  .map(({ slug, sheet }) => (
                    <MenuItem key={slug} value={slug}>
                      {sheet.maker} {sheet.model}
                    </MenuItem>
                  ))}
              </TextField>
            ))}
            {problem && <p role="alert">{problemSentence(problem)}</p>}
          </div>
        </DialogContent>
        <DialogActions>
          <button type="button" className="plain-button" onClick={onClose}>
            Cancel
          </button>
          <button type="submit" className="plain-button" disabled={isLoading}>
            Create
          </button>
        </DialogActions>
      </form>
    </Dialog>
  )
}
