import type { MachineStateId } from '@flint/core/editing'
import { fieldName, type Piece, presentPieces, pullTest } from '@flint/core/figures'
import { useState } from 'react'
import { useSendReadingsMutation } from '../../api/api'
import { problemSentence } from '../../api/problemOf'
import { NumberField } from '../../controls/NumberField'
import { SmallChoice } from '../../controls/SmallChoice'
import { selectDesign, selectDesignId, selectMachine, selectWords } from '../../sheet/selectors'
import { useEdit } from '../../sheet/useEdit'
import { useAppSelector } from '../../store/hooks'
import { pullWords } from './pullWords'
import styles from './power.module.css'

const STATES: readonly { value: MachineStateId; text: string }[] = [
  { value: 'spinning', text: 'idle, disks spinning' },
  { value: 'asleep', text: 'idle, disks asleep' },
  { value: 'scrub', text: 'all drives read' },
]

/** Watts before and after a piece was taken out, which say what that piece draws here. */
export function PullTestForm() {
  const designId = useAppSelector(selectDesignId)
  const design = useAppSelector(selectDesign)
  const machine = useAppSelector(selectMachine)
  const words = useAppSelector(selectWords)
  const edit = useEdit()
  const [send, { error }] = useSendReadingsMutation()
  const pieces = presentPieces(machine).inside.filter(({ kind }) => PULLED.has(kind))
  const [pieceId, setPieceId] = useState('')
  const [state, setState] = useState<MachineStateId>('spinning')
  const [before, setBefore] = useState<number | null>(null)
  const [after, setAfter] = useState<number | null>(null)
  const chosen = pieces.find(({ id }) => id === pieceId) ?? pieces[0]
  if (!chosen) return null
  const test =
    before !== null && after !== null
      ? pullTest(design, machine, chosen.id, before, after, state)
      : null

  async function take(): Promise<void> {
    if (!test || before === null || after === null) return
    edit(test.edit)
    await send({
      id: designId,
      readings: [
        {
          watts: after,
          wattsBefore: before,
          state,
          source: 'pull test',
          pulledPieceId: test.pieceId,
        },
      ],
    })
  }

  return (
    <details>
      <summary>What does one piece draw? Pull it and read again</summary>
      <p className="soft">
        Switch off, unplug, take the piece out, and read in the same state. Leave what is behind the
        cover of a supply alone.
      </p>
      <div className={styles.brushes}>
        <SmallChoice
          label="Taken out"
          value={chosen.id}
          width={240}
          options={pieces.map(({ id }) => ({
            value: id,
            text: optionWords(id, pieces, words.piece),
          }))}
          onChange={setPieceId}
        />
        <SmallChoice
          label="In the state"
          value={state}
          width={200}
          options={STATES}
          onChange={(value) => {
            setState(value as MachineStateId)
          }}
        />
        <NumberField
          label="With it"
          unit="W"
          width={120}
          optional
          min={0}
          max={100_000}
          value={before}
          onChange={setBefore}
        />
        <NumberField
          label="Without it"
          unit="W"
          width={120}
          optional
          min={0}
          max={100_000}
          value={after}
          onChange={setAfter}
        />
      </div>
      <div role="status">
        {error && <p>{problemSentence(error)}</p>}
        {test && (
          <p>
            {pullWords(test, words.piece(test.pieceId), fieldName(test))}{' '}
            <button type="button" className="plain-button" onClick={() => void take()}>
              Take it over as measured
            </button>
          </p>
        )}
      </div>
    </details>
  )
}

/** What can be taken out while the rest still runs. */
const PULLED: ReadonlySet<string> = new Set(['drive', 'controller', 'nic', 'boot', 'fan', 'memory'])

function optionWords(id: string, pieces: readonly Piece[], nameOf: (id: string) => string): string {
  const name = nameOf(id)
  const same = pieces.filter((one) => nameOf(one.id) === name)
  return same.length > 1 ? `${name}, ${same.findIndex((one) => one.id === id) + 1}` : name
}
