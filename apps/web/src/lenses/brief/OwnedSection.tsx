import { type Design, kindOf, sheetName } from '@flint/core/editing'
import { useEffect, useRef } from 'react'
import { selectDesign } from '../../sheet/selectors'
import { useEdit } from '../../sheet/useEdit'
import { useAppSelector } from '../../store/hooks'
import styles from './brief.module.css'

/** What is in the house already and costs nothing, by data sheet. */
export function OwnedSection() {
  const fitted = useAppSelector((state) => selectDesign(state).fitted)
  const snapshots = useAppSelector((state) => selectDesign(state).snapshots)
  const edit = useEdit()
  const rows = bySheet({ fitted, snapshots })
  if (rows.length === 0) {
    return <p className="soft">Parts are listed here once the design has some.</p>
  }
  return (
    <ul className={styles.owned}>
      {rows.map(({ snapshotId, name, partIds, owned }) => (
        <li key={snapshotId}>
          <OwnedBox
            name={`${partIds.length} × ${name}`}
            some={owned > 0 && owned < partIds.length}
            all={owned === partIds.length}
            onChange={(isOwned) => {
              edit({ do: 'note-pieces', partIds, change: { owned: isOwned } })
            }}
          />
          {owned > 0 && owned < partIds.length && <span className="soft"> {owned} owned</span>}
        </li>
      ))}
    </ul>
  )
}

interface OwnedBoxProps {
  name: string
  some: boolean
  all: boolean
  onChange: (owned: boolean) => void
}

function OwnedBox({ name, some, all, onChange }: OwnedBoxProps) {
  const box = useRef<HTMLInputElement>(null)
  useEffect(() => {
    if (box.current) box.current.indeterminate = some
  }, [some])
  return (
    <label>
      <input
        ref={box}
        type="checkbox"
        checked={all}
        onChange={({ target }) => {
          onChange(target.checked)
        }}
      />{' '}
      {name}
    </label>
  )
}

interface OwnedRow {
  snapshotId: string
  name: string
  partIds: string[]
  owned: number
}

/** Pieces that are paid by themselves: where it stands is not bought, and what came in another was paid with that. */
function bySheet({ snapshots, fitted }: Pick<Design, 'snapshots' | 'fitted'>): OwnedRow[] {
  return snapshots.flatMap(({ id, sheet }) => {
    const those = fitted.filter(({ snapshotId, within }) => snapshotId === id && within === null)
    if (those.length === 0 || kindOf(sheet).stands === 'nowhere') return []
    return [
      {
        snapshotId: id,
        name: sheetName(sheet),
        partIds: those.map((part) => part.id),
        owned: those.filter(({ owned }) => owned).length,
      },
    ]
  })
}
