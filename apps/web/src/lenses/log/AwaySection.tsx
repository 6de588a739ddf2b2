import type { ReturnCase } from '@flint/core/editing'
import { type AwayDrive, awayDrives } from '@flint/core/figures'
import { DayField } from '../../controls/DayField'
import { TextLine } from '../../controls/TextLine'
import { today } from '../../controls/today'
import { selectDesign, selectMachine, selectWords } from '../../sheet/selectors'
import { useEdit } from '../../sheet/useEdit'
import { useAppSelector } from '../../store/hooks'
import tray from '../../tray/tray.module.css'
import { awayWords } from './logWords'
import styles from './log.module.css'

const NOTHING_SAID: ReturnCase = { askedOn: null, sentOn: null, promisedOn: null, note: '' }

/** Drives that are away or being rebuilt: how their return goes, which pool waits, and what could stand in. */
export function AwaySection() {
  const design = useAppSelector(selectDesign)
  const machine = useAppSelector(selectMachine)
  const drives = awayDrives(design, machine, today())
  if (drives.length === 0) return null
  return (
    <section className={tray.section} aria-label="Drives that are away">
      <h2>Away</h2>
      {drives.map((drive) => (
        <Away key={drive.driveId} drive={drive} />
      ))}
    </section>
  )
}

function Away({ drive }: { drive: AwayDrive }) {
  const words = useAppSelector(selectWords)
  const edit = useEdit()
  const { driveId, returned } = drive
  const said = returned ?? NOTHING_SAID
  const note = (change: Partial<typeof said>): void => {
    edit(
      { do: 'note-pieces', partIds: [driveId], change: { returned: { ...said, ...change } } },
      true,
    )
  }
  return (
    <div className={styles.away}>
      <p>
        <strong>{words.piece(driveId)}</strong>: {awayWords(drive, words.piece)}
      </p>
      {drive.isRebuilding ? (
        <button
          type="button"
          className="plain-button"
          onClick={() => {
            edit({ do: 'note-pieces', partIds: [driveId], change: { rebuilding: false } })
          }}
        >
          It is rebuilt
        </button>
      ) : (
        <ReturnFields said={said} note={note} />
      )}
    </div>
  )
}

function ReturnFields({
  said,
  note,
}: {
  said: ReturnCase
  note: (change: Partial<ReturnCase>) => void
}) {
  return (
    <>
      <div className={styles.days}>
        <DayField
          label="Asked for on"
          value={said.askedOn}
          onChange={(askedOn) => {
            note({ askedOn })
          }}
        />
        <DayField
          label="Sent on"
          value={said.sentOn}
          onChange={(sentOn) => {
            note({ sentOn })
          }}
        />
        <DayField
          label="Promised for"
          value={said.promisedOn}
          onChange={(promisedOn) => {
            note({ promisedOn })
          }}
        />
      </div>
      <TextLine
        label="Number of the return, in words"
        maxLength={200}
        value={said.note}
        onChange={(text) => {
          note({ note: text })
        }}
      />
    </>
  )
}
