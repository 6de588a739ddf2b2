import {
  applyEdit,
  type Design,
  type Household,
  households,
  newDesign,
  type StepId,
  wantedBytes,
} from '@flint/core/editing'
import Dialog from '@mui/material/Dialog'
import DialogActions from '@mui/material/DialogActions'
import DialogContent from '@mui/material/DialogContent'
import DialogTitle from '@mui/material/DialogTitle'
import TextField from '@mui/material/TextField'
import { useState } from 'react'
import { OldComputerForm } from './OldComputerForm'
import { useNavigate } from 'react-router'
import { useCreateDesignMutation } from '../api/api'
import { problemSentence } from '../api/problemOf'
import { format } from '../controls/locale'
import tray from '../tray/tray.module.css'
import styles from './shelf.module.css'

/** A design begins with its brief: that of a household like one's own, or an empty one. */
export function NewDesignDialog({ onClose }: { onClose: () => void }) {
  const navigate = useNavigate()
  const [createDesign, { error, isLoading }] = useCreateDesignMutation()
  const [name, setName] = useState('')
  const [isOld, setIsOld] = useState(false)

  async function keep(design: Design, lens: StepId): Promise<void> {
    const result = await createDesign(design)
    if (result.data) await navigate(`/designs/${result.data.id}/${lens}`)
  }

  function begin(household: Household | null): Promise<void> {
    const empty = newDesign(name.trim() || (household?.title ?? ''))
    const design = household
      ? applyEdit(empty, { do: 'change-brief', change: household.brief })
      : empty
    return keep(design, 'brief')
  }

  if (isOld) {
    return (
      <OldComputerForm
        name={name}
        problem={error ? problemSentence(error) : ''}
        onBack={() => {
          setIsOld(false)
        }}
        onMade={(design) => keep(design, 'drives')}
      />
    )
  }
  return (
    <Dialog open onClose={onClose} aria-labelledby="new-title" fullWidth maxWidth="xs">
      <DialogTitle id="new-title">New design</DialogTitle>
      <DialogContent>
        <div className={styles.form}>
          <TextField
            label="Name"
            helperText="May stay empty."
            autoFocus
            value={name}
            slotProps={{ htmlInput: { maxLength: 120 } }}
            onChange={({ target }) => {
              setName(target.value)
            }}
          />
          <div>
            <h3>What is it for?</h3>
            <p className="soft">The brief says what must fit. Every answer can be changed.</p>
            <ul className={tray.list}>
              {households.map((household) => (
                <Beginning
                  key={household.id}
                  id={household.id}
                  title={household.title}
                  sentence={household.sentence}
                  space={spaceOf(household)}
                  disabled={isLoading}
                  onChoose={() => void begin(household)}
                />
              ))}
              <Beginning
                id="old-computer"
                title="An old computer that is there"
                sentence="Six questions about it; what it could still hold."
                onChoose={() => {
                  setIsOld(true)
                }}
              />
              <Beginning
                id="blank"
                title="Something else"
                sentence="An empty brief, to be filled in."
                disabled={isLoading}
                onChoose={() => void begin(null)}
              />
            </ul>
          </div>
          {error && <p role="alert">{problemSentence(error)}</p>}
        </div>
      </DialogContent>
      <DialogActions>
        <button type="button" className="plain-button" onClick={onClose}>
          Cancel
        </button>
      </DialogActions>
    </Dialog>
  )
}

const spaceOf = ({ brief: { data = [], horizonYears = 0 } }: Household): string =>
  format.space(wantedBytes({ data, horizonYears }), 0)

interface BeginningProps {
  id: string
  title: string
  sentence: string
  /** What it is to hold, where that is known. */
  space?: string
  disabled?: boolean
  onChoose: () => void
}

/** One thing that a design can begin with. */
function Beginning({ id, title, sentence, space, disabled = false, onChoose }: BeginningProps) {
  return (
    <li>
      <button
        type="button"
        className={tray.offer}
        data-household={id}
        disabled={disabled}
        onClick={onChoose}
      >
        <span className={tray.title}>{title}</span>
        {space !== undefined && <span className={tray.right}>{space}</span>}
        <span className={tray.wide}>{sentence}</span>
      </button>
    </li>
  )
}
