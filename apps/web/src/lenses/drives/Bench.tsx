import { useDraggable, useDroppable } from '@dnd-kit/core'
import { type DriveInPlace, moveDrive, removeParts } from '@flint/core'
import { say } from '../../controls/locale'
import { BENCH, dragOfDrive } from '../../drawing/drag'
import { selectEvaluation } from '../../sheet/selectors'
import { useEdit } from '../../sheet/useEdit'
import { useAppSelector } from '../../store/hooks'
import styles from './drives.module.css'

/** Drives of the design that sit in no bay: they cost, but draw nothing and hold nothing. */
export function Bench() {
  const { bays } = useAppSelector(selectEvaluation)
  const { setNodeRef, isOver, active } = useDroppable({ id: BENCH })
  if (bays.bench.length === 0 && !active) return null
  return (
    <section className={styles.block} aria-label="On the bench">
      <h3>On the bench</h3>
      <div
        ref={setNodeRef}
        className={isOver ? `${styles.bench} ${styles.benchOver}` : styles.bench}
      >
        {bays.bench.map((drive) => (
          <BenchDrive key={drive.part.id} drive={drive} />
        ))}
        {bays.bench.length === 0 && (
          <span className="soft">Drop a drive here to take it out of its bay.</span>
        )}
      </div>
    </section>
  )
}

function BenchDrive({ drive: { part, sheet } }: { drive: DriveInPlace }) {
  const edit = useEdit()
  const { bays } = useAppSelector(selectEvaluation)
  const { setNodeRef, listeners } = useDraggable({
    id: `bench-${part.id}`,
    data: dragOfDrive(part.id, sheet),
  })
  const free = bays.bays.find(({ drive }) => drive === null)?.bay
  const size = say.drive(sheet.capacityBytes)
  return (
    <span ref={setNodeRef} className={styles.benchDrive} {...listeners}>
      <span className="figure">{size}</span> {sheet.model}
      {free && (
        <button
          type="button"
          className="plain-button"
          onClick={() => {
            edit(`move ${size} to bay ${free.number}`, (before) =>
              moveDrive(before, part.id, free.id),
            )
          }}
        >
          to bay {free.number}
        </button>
      )}
      <button
        type="button"
        className="plain-button"
        onClick={() => {
          edit(`take out ${size}`, (before) => removeParts(before, [part.id]))
        }}
      >
        remove
      </button>
    </span>
  )
}
