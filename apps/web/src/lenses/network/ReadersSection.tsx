import { MOST_READERS, newReader, nextId } from '@flint/core/editing'
import { readerFigures, readersOf } from '@flint/core/figures'
import { useMemo } from 'react'
import { format } from '../../controls/locale'
import { selectDesign, selectMachine } from '../../sheet/selectors'
import { useEdit } from '../../sheet/useEdit'
import { useAppSelector } from '../../store/hooks'
import { MOST_DRAWN, NetworkPicture } from './NetworkPicture'
import { ReaderEntry } from './ReaderEntry'
import styles from './network.module.css'

/** What a machine that is added is taken to have, until its user says otherwise. Common practice, no source. */
const USUAL_BITS_PER_SECOND = 1e9

/** The machines at the other end of the cables: what link each has, what it gets, and what holds it back. */
export function ReadersSection() {
  const design = useAppSelector(selectDesign)
  const machine = useAppSelector(selectMachine)
  const edit = useEdit()
  const { readers, readersAtOnce } = design.brief
  // Those that nobody described are all alike: so many of them as are drawn say enough.
  const shown = Math.max(readers.length, MOST_DRAWN)
  const figures = useMemo(
    () => readerFigures(design, machine, null, shown),
    [design, machine, shown],
  )
  const described = figures.filter(({ reader }) => readers.includes(reader))
  const add = (): void => {
    const id = nextId(
      'reader',
      readers.map((one) => one.id),
    )
    const reader = newReader(id, `Machine ${readers.length + 1}`)
    edit({ do: 'put-reader', reader: { ...reader, bitsPerSecond: USUAL_BITS_PER_SECOND } })
  }
  return (
    <section aria-label="Machines that read">
      <h2>
        Machines that read
        <span className="aside">each with its own link; the slower end counts</span>
      </h2>
      <NetworkPicture figures={figures} readers={readersOf(design.brief, null).length} />
      {described.length === 0 && (
        <p className="soft">
          Nobody is described yet.{' '}
          {readersAtOnce > 0 &&
            `The brief counts ${format.counted(readersAtOnce, 'reader')}, with links that hold nothing back.`}
        </p>
      )}
      <ul className={styles.readers}>
        {described.map((one) => (
          <ReaderEntry key={one.reader.id} figures={one} />
        ))}
      </ul>
      {readers.length < MOST_READERS && (
        <button type="button" className="plain-button" onClick={add}>
          Add a machine
        </button>
      )}
    </section>
  )
}
