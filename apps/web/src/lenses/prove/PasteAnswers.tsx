import { readPasted } from '@flint/core/files'
import TextField from '@mui/material/TextField'
import { useState } from 'react'
import { useSendCollectedMutation } from '../../api/api'
import { problemSentence } from '../../api/problemOf'
import { selectDesignId } from '../../sheet/selectors'
import { useAppSelector } from '../../store/hooks'
import styles from './prove.module.css'

/** For machines from which no file can be carried: what its tools print, pasted one after another. */
export function PasteAnswers() {
  const id = useAppSelector(selectDesignId)
  const [send, { isLoading }] = useSendCollectedMutation()
  const [text, setText] = useState('')
  const [problem, setProblem] = useState('')

  async function take(): Promise<void> {
    const read = readPasted(text, new Date().toISOString())
    if ('sentence' in read) {
      setProblem(read.sentence)
      return
    }
    const { error } = await send({ id, file: read.collected })
    setProblem(error ? problemSentence(error) : '')
    if (!error) setText('')
  }

  return (
    <details>
      <summary>Paste what the tools say</summary>
      <p className="soft">
        One after another, as far as they are there:{' '}
        <code>lsblk -J -b -o NAME,TYPE,SIZE,MODEL,SERIAL,ROTA,TRAN,WWN,FSTYPE</code>,{' '}
        <code>smartctl -j -a /dev/…</code> of each drive, <code>zpool status</code>,{' '}
        <code>cat /proc/mdstat</code>, <code>lspci -vmm</code>, <code>dmidecode -t memory</code>.
        They only read. A whole collected file is taken too.
      </p>
      <TextField
        label="Answers of the tools"
        multiline
        minRows={4}
        maxRows={12}
        fullWidth
        value={text}
        error={problem !== ''}
        helperText={problem}
        onChange={({ target }) => {
          setText(target.value)
          setProblem('')
        }}
        slotProps={{
          htmlInput: { spellCheck: false, className: styles.pasted },
          formHelperText: { role: problem === '' ? undefined : 'alert' },
        }}
      />
      <div className={styles.actions}>
        <button
          type="button"
          className="plain-button"
          disabled={text.trim() === '' || isLoading}
          onClick={() => void take()}
        >
          Take what was pasted
        </button>
      </div>
    </details>
  )
}
