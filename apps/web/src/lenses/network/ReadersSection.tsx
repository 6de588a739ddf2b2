import type { Reader } from '@flint/core/editing'
import { nextId } from '@flint/core/editing'
import { readerFigures } from '@flint/core/figures'
import { useMemo } from 'react'
import { selectDesign, selectMachine } from '../../sheet/selectors'
import { useEdit } from '../../sheet/useEdit'
import { useAppSelector } from '../../store/hooks'
import { NetworkPicture } from './NetworkPicture'
import { ReaderEntry } from './ReaderEntry'
import styles from './network.module.css'

/** More cannot be described. */
const MOST = 64

/** The machines at the other end of the cables: what link each has, what it gets, and what holds it back. */
export function ReadersSection() {
  const design = useAppSelector(selectDesign)
  const machine = useAppSelector(selectMachine)
  const edit = useEdit()
  const figures = useMemo(() => readerFigures(design, machine), [design, machine])
  const { readers } = design.brief
  const described = figures.filter(({ reader }) => readers.includes(reader))
  const add = (): void => {
    const id = nextId(
      'reader',
      readers.map((one) => one.id),
    )
    const reader: Reader = {
      id,
      name: `Machine ${readers.length + 1}`,
      way: 'switch',
      bitsPerSecond: 1e9,
      port: null,
      poolId: null,
      wantsBytesPerSecond: null,
      metres: null,
    }
    edit({ do: 'put-reader', reader })
  }
  return (
    <section aria-label="Machines that read">
      <h2>
        Machines that read
        <span className="aside">each with its own link; the slower end counts</span>
      </h2>
      <NetworkPicture figures={figures} />
      {described.length === 0 && (
        <p className="soft">
          Nobody is described yet. The brief counts{' '}
          {design.brief.readersAtOnce === 1
            ? 'one reader'
            : `${design.brief.readersAtOnce} readers`}
          , with links that hold nothing back.
        </p>
      )}
      <ul className={styles.readers}>
        {described.map((one) => (
          <ReaderEntry key={one.reader.id} figures={one} />
        ))}
      </ul>
      {readers.length < MOST && (
        <button type="button" className="plain-button" onClick={add}>
          Add a machine
        </button>
      )}
    </section>
  )
}
