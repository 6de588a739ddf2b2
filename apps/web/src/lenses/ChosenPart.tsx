import {
  type FittedPart,
  fittedWithSheets,
  isSoldered,
  mostOf,
  partKinds,
  type PartSheet,
} from '@flint/core/editing'
import { format } from '../controls/locale'
import planStyles from '../drawing/plan.module.css'
import { selectDesign } from '../sheet/selectors'
import { useEdit } from '../sheet/useEdit'
import { useAppSelector } from '../store/hooks'
import { partWords } from '../tray/partWords'

/** Equal pieces, as one line. */
export interface EqualPieces {
  sheet: PartSheet
  pieces: FittedPart[]
}

interface ChosenPartProps {
  /** Empty for a line below another of its choice. */
  title: string
  line: EqualPieces
  isPointed: boolean
  onChoose: () => void
}

/** Equal pieces of the design: what they are, how many, and how many of them are owned. */
export function ChosenPart({
  title,
  line: { sheet, pieces },
  isPointed,
  onChoose,
}: ChosenPartProps) {
  const design = useAppSelector(selectDesign)
  const edit = useEdit()
  const name = `${sheet.maker} ${sheet.model}`
  const count = pieces.length
  const owned = pieces.filter((piece) => piece.owned).length
  // One that is chosen by itself goes before one that came in another.
  const [last] = pieces
    .toSorted((one, other) => Number(one.within === null) - Number(other.within === null))
    .slice(-1)
  const outer = fittedWithSheets(design).find(({ part }) => part.id === last?.within)?.sheet
  const snapshot = design.snapshots.find(({ id }) => id === last?.snapshotId)
  const takesMore =
    mostOf(design, sheet.kind) > count && partKinds[sheet.kind].count !== 'one' && snapshot
  return (
    <tr className={isPointed ? planStyles.highlightedRow : undefined}>
      <th scope="row">{title}</th>
      <td>
        {count > 1 && `${format.number(count)} × `}
        <button
          type="button"
          className={planStyles.partName}
          title="See in the tray what else could be chosen"
          onClick={onChoose}
        >
          {name}
        </button>
        {outer && <span className="soft"> in {outer.model}</span>}
        {!outer && owned > 0 && (
          <span className="soft">
            {' '}
            {owned === count ? 'owned' : `${format.number(owned)} owned`}
          </span>
        )}
      </td>
      <td className="soft">{partWords(sheet)}</td>
      <td className={planStyles.partActions}>
        {takesMore && (
          <button
            type="button"
            className="plain-button"
            aria-label={`One more ${name}`}
            onClick={() => {
              edit({ do: 'add-pieces', snapshotId: snapshot.id, count: 1 })
            }}
          >
            one more
          </button>
        )}
        {last && isSoldered(design, last) ? (
          <span className="soft">soldered on</span>
        ) : (
          <button
            type="button"
            className="plain-button"
            aria-label={`Remove ${count > 1 ? 'one ' : ''}${name}`}
            onClick={() => {
              if (last) edit({ do: 'remove', partIds: [last.id] })
            }}
          >
            {count > 1 ? 'one less' : 'remove'}
          </button>
        )}
      </td>
    </tr>
  )
}
