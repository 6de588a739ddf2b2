import { serialsToNote } from '@flint/core/figures'
import { useState } from 'react'
import { FileButton } from '../../controls/FileButton'
import { useRemoveCollectedMutation, useSendCollectedMutation } from '../../api/api'
import { problemSentence } from '../../api/problemOf'
import { format } from '../../controls/locale'
import { selectDesign, selectDesignId } from '../../sheet/selectors'
import { useEdit } from '../../sheet/useEdit'
import { useAppSelector } from '../../store/hooks'
import { PasteAnswers } from './PasteAnswers'
import { SeenTable } from './SeenTable'
import { SimulatedMachine } from './SimulatedMachine'
import type { Proof } from './useProof'
import styles from './prove.module.css'

/** As much as the server takes. */
const MOST_BYTES = 2_000_000

/** What the machine says of itself: taken from a file, or from the stand-in, and held against the plan. */
export function SeenSection({ proof }: { proof: Proof }) {
  const designId = useAppSelector(selectDesignId)
  const design = useAppSelector(selectDesign)
  const [send, { error }] = useSendCollectedMutation()
  const [remove] = useRemoveCollectedMutation()
  const [problem, setProblem] = useState('')
  const edit = useEdit()
  const { files, total, seen, found } = proof

  async function take(file: File): Promise<void> {
    if (file.size > MOST_BYTES) {
      setProblem(`${file.name} is larger than 2 MB.`)
      return
    }
    try {
      setProblem('')
      await send({ id: designId, file: JSON.parse(await file.text()) as object })
    } catch {
      setProblem(`${file.name} is not JSON.`)
    }
  }
  const serials = found ? serialsToNote(design, found) : []
  const last = files?.[0]
  return (
    <section aria-label="Seen against fitted">
      <h2>
        Seen against fitted
        {last && (
          <span className="aside">
            {last.seen.simulated ? 'simulated, ' : ''}
            {new Date(last.takenAt).toLocaleString(format.locale)}
          </span>
        )}
      </h2>
      <p className="soft">
        Run <code>sudo sh tools/flint-collect.sh &gt; collected.json</code> on the machine and give
        the file here. It reads and changes nothing; serial numbers are in it.
      </p>
      <div className={styles.actions}>
        <FileButton
          text="Take a collected file"
          label="Collected file"
          accept=".json,application/json"
          onFile={(file) => void take(file)}
        />
        <SimulatedMachine />
        {last && (
          <button
            type="button"
            className="plain-button"
            onClick={() => void remove({ id: designId, number: last.number })}
          >
            Remove the last one
          </button>
        )}
        {serials.length > 0 && (
          <button
            type="button"
            className="plain-button"
            onClick={() => {
              edit({ do: 'note-serials', serials })
            }}
          >
            Note {format.counted(serials.length, 'serial number')}
          </button>
        )}
      </div>
      <PasteAnswers />
      {problem !== '' && <p role="alert">{problem}</p>}
      {error && <p role="alert">{problemSentence(error)}</p>}
      {seen?.problems.map((text) => (
        <p key={text} role="alert">
          {text}
        </p>
      ))}
      {found && <SeenTable proof={proof} />}
      {total > 1 && (
        <p className="soft">
          {format.counted(total, 'file')} kept; what drives had already in the oldest of the last{' '}
          {format.number(files?.length ?? 0)} does not count against them.
        </p>
      )}
    </section>
  )
}
