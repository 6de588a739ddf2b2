import { EVENT_KINDS, type EventKind } from '@flint/core/figures'
import { useState } from 'react'
import { useEventsQuery, useRemoveEventMutation, useSendEventsMutation } from '../../api/api'
import { problemSentence } from '../../api/problemOf'
import { format } from '../../controls/locale'
import { Pager } from '../../controls/Pager'
import { SmallChoice } from '../../controls/SmallChoice'
import { TextLine } from '../../controls/TextLine'
import { selectDesignId, selectMachine, selectWords } from '../../sheet/selectors'
import { useAppSelector } from '../../store/hooks'
import { EVENT_WORDS } from './logWords'
import styles from './log.module.css'

const MACHINE = ''

/** What happened, written down in one line, the last first. */
export function EventsSection() {
  const designId = useAppSelector(selectDesignId)
  const machine = useAppSelector(selectMachine)
  const words = useAppSelector(selectWords)
  const [pages, setPages] = useState<string[]>([])
  const before = pages.at(-1)
  const { data, error } = useEventsQuery({
    id: designId,
    ...(before === undefined ? {} : { before }),
  })
  const [send, { error: notSent }] = useSendEventsMutation()
  const [remove] = useRemoveEventMutation()
  const [kind, setKind] = useState<EventKind>('note')
  const [pieceId, setPieceId] = useState(MACHINE)
  const [text, setText] = useState('')
  const note = async (): Promise<void> => {
    const event = { kind, pieceId: pieceId === MACHINE ? null : pieceId, text }
    const { error: problem } = await send({ id: designId, events: [event] })
    if (!problem) setText('')
  }
  const events = data?.events ?? []
  const last = events.at(-1)
  return (
    <section aria-label="What happened">
      <h2>
        What happened
        {data && <span className="aside">{format.counted(data.total, 'event')}</span>}
      </h2>
      <form
        className={styles.line}
        onSubmit={(event) => {
          event.preventDefault()
          void note()
        }}
      >
        <SmallChoice
          label="What"
          width={150}
          value={kind}
          options={EVENT_KINDS.map((value) => ({ value, text: EVENT_WORDS[value] }))}
          onChange={(value) => {
            setKind(EVENT_KINDS.find((one) => one === value) ?? 'note')
          }}
        />
        <SmallChoice
          label="Of"
          width={210}
          value={pieceId}
          options={[
            { value: MACHINE, text: 'the machine' },
            ...machine.inOrder.map(({ id }) => ({ value: id, text: `${words.piece(id)} (${id})` })),
          ]}
          onChange={setPieceId}
        />
        <TextLine label="In words" width={300} maxLength={1_000} value={text} onChange={setText} />
        <button type="submit" className="plain-button">
          Note it
        </button>
        <a href={`/api/designs/${designId}/events.csv`} download>
          Events as CSV
        </a>
        <a href={`/api/designs/${designId}/health.csv`} download>
          Health as CSV
        </a>
      </form>
      {(error ?? notSent) && <p role="alert">{problemSentence(error ?? notSent)}</p>}
      {data?.total === 0 && (
        <p className="soft">
          Nothing is written down yet. A line when a drive fails, goes back or is replaced is what
          one looks for two years later.
        </p>
      )}
      {events.length > 0 && (
        <table className="lined" aria-label="Events">
          <tbody>
            {events.map(({ number, at, kind: of, pieceId: id, text: said }) => (
              <tr key={number}>
                <th scope="row">{new Date(at).toLocaleDateString(format.locale)}</th>
                <td>{EVENT_WORDS[of]}</td>
                <td>{id === null ? 'the machine' : words.piece(id)}</td>
                <td className={styles.said}>{said}</td>
                <td>
                  <button
                    type="button"
                    className="plain-button"
                    onClick={() => void remove({ id: designId, number })}
                  >
                    Remove<span className="only-for-readers"> {EVENT_WORDS[of]}</span>
                  </button>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {data && data.total > events.length && (
        <div className={styles.line}>
          <Pager pages={pages} last={last?.number ?? null} onPages={setPages} />
        </div>
      )}
    </section>
  )
}
