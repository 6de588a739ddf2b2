import { useDraggable, useDroppable } from '@dnd-kit/core'
import { goesIntoBay } from '@flint/core/editing'
import type { DriveInPlace } from '@flint/core/figures'
import { format } from '../../controls/locale'
import { BENCH, dragOfDrive } from '../../drawing/drag'
import { selectBayPlan } from '../../sheet/selectors'
import { useEdit } from '../../sheet/useEdit'
import { useAppSelector } from '../../store/hooks'
import styles from './drives.module.css'

/** Drives of the design that are in no place: they cost, but draw nothing and hold nothing. */
export function Bench() {
  const bays = useAppSelector(selectBayPlan)
  const { setNodeRef, isOver, active } = useDroppable({ id: BENCH })
  const sentBack = bays.bench.filter(({ part }) => part.away === 'sent back')
  const here = bays.bench.filter(({ part }) => part.away === null)
  return (
    <>
      {(here.length > 0 || active) && (
        <section className={styles.block} aria-label="Taken out">
          <h3>Taken out</h3>
          <div
            ref={setNodeRef}
            className={isOver ? `${styles.bench} ${styles.benchOver}` : styles.bench}
          >
            {here.map((drive) => (
              <BenchDrive key={drive.part.id} drive={drive} />
            ))}
            {here.length === 0 && (
              <span className="soft">Drop a drive here to take it out of its bay.</span>
            )}
          </div>
        </section>
      )}
      {sentBack.length > 0 && (
        <section className={styles.block} aria-label="Sent back">
          <h3>Sent back</h3>
          <p className="soft">
            Their pools wait for them, or for what comes in their place, and run without them.
          </p>
          <div className={styles.bench}>
            {sentBack.map((drive) => (
              <BenchDrive key={drive.part.id} drive={drive} />
            ))}
          </div>
        </section>
      )}
    </>
  )
}

function BenchDrive({ drive: { part, sheet, member } }: { drive: DriveInPlace }) {
  const edit = useEdit()
  const bays = useAppSelector(selectBayPlan)
  const { setNodeRef, listeners } = useDraggable({
    id: `bench-${part.id}`,
    data: dragOfDrive(part.id, sheet),
  })
  const free = goesIntoBay(sheet) ? bays.bays.find(({ drive }) => drive === null)?.bay : undefined
  const size = format.drive(sheet.capacityBytes)
  return (
    <span ref={setNodeRef} className={styles.benchDrive} {...listeners}>
      {member && <strong>{`${member.lettered.letter}${member.number}`}</strong>}
      <span className="figure">{size}</span> {sheet.model}
      {free && (
        <button
          type="button"
          className="plain-button"
          onClick={() => {
            edit({ do: 'move-drive', driveId: part.id, bay: free.id })
          }}
        >
          to bay {free.number}
        </button>
      )}
      {part.away !== null && (
        <button
          type="button"
          className="plain-button"
          onClick={() => {
            edit({ do: 'move-drive', driveId: part.id, bay: null })
          }}
        >
          it is back
        </button>
      )}
      <button
        type="button"
        className="plain-button"
        onClick={() => {
          edit({ do: 'remove', partIds: [part.id] })
        }}
      >
        remove
      </button>
    </span>
  )
}
