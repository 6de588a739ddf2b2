import type { Edit } from '@flint/core/editing'
import { driveNotes } from '@flint/core/figures'
import { format } from '../../controls/locale'
import { selectDesign, selectWords } from '../../sheet/selectors'
import { useEdit } from '../../sheet/useEdit'
import { useAppSelector } from '../../store/hooks'
import tray from '../../tray/tray.module.css'
import type { Proof } from '../prove/useProof'

/** Ages and wear that drives tell of themselves, to be taken over. */
export function DriveNotes({ proof: { found } }: { proof: Proof }) {
  const { fitted } = useAppSelector(selectDesign)
  const words = useAppSelector(selectWords)
  const edit = useEdit()
  const notes = driveNotes(fitted, found?.pairs ?? [])
  if (notes.length === 0) return null
  const take: Edit = {
    do: 'several',
    what: `take ages and wear of ${format.counted(notes.length, 'drive')}`,
    edits: notes.map(({ driveId, ageYears, wornShare }) => ({
      do: 'note-pieces',
      partIds: [driveId],
      change: {
        ...(ageYears === null ? {} : { ageYears }),
        ...(wornShare === null ? {} : { wornShare }),
      },
    })),
  }
  return (
    <section className={tray.section} aria-label="What drives tell">
      <h2>What drives tell of themselves</h2>
      <ul className={tray.list}>
        {notes.map(({ driveId, ageYears, wornShare }) => (
          <li key={driveId}>
            {words.piece(driveId)}:{' '}
            {[
              ...(ageYears === null ? [] : [`${format.number(ageYears, 1)} years of running`]),
              ...(wornShare === null ? [] : [`${format.percent(wornShare)} worn`]),
            ].join(', ')}
          </li>
        ))}
      </ul>
      <button
        type="button"
        className="plain-button"
        onClick={() => {
          edit(take)
        }}
      >
        Take them over
      </button>
    </section>
  )
}
