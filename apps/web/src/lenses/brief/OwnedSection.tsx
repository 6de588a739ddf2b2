import type { Design } from '@flint/core/editing'
import { useEffect, useRef } from 'react'
import { selectBill, selectDesign } from '../../sheet/selectors'
import { useEdit } from '../../sheet/useEdit'
import { useAppSelector } from '../../store/hooks'
import styles from './brief.module.css'

/** What is in the house already and costs nothing, line by line of the bill. */
export function OwnedSection() {
  const { lines } = useAppSelector(selectBill)
  const design = useAppSelector(selectDesign)
  const edit = useEdit()
  if (lines.length === 0) {
    return <p className="soft">Parts are listed here once the design has some.</p>
  }
  return (
    <ul className={styles.owned}>
      {lines.map(({ snapshotId, name, pieces, owned }) => (
        <li key={snapshotId}>
          <OwnedBox
            name={`${pieces + owned} × ${name}`}
            some={owned > 0 && pieces > 0}
            all={pieces === 0}
            onChange={(isOwned) => {
              edit({
                do: 'note-pieces',
                partIds: piecesOf(design, snapshotId),
                change: { owned: isOwned },
              })
            }}
          />
          {owned > 0 && pieces > 0 && <span className="soft"> {owned} owned</span>}
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

function piecesOf(design: Design, snapshotId: string): string[] {
  return design.fitted.filter((part) => part.snapshotId === snapshotId).map(({ id }) => id)
}
