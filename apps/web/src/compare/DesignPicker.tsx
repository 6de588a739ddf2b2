import { useShelfRows } from '../shelf/useShelfRows'
import { useRevisionsQuery } from '../api/api'
import { SmallChoice } from '../controls/SmallChoice'
import { format } from '../controls/locale'
import { selectCheckpointOf } from '../sheet/selectors'
import { useAppSelector } from '../store/hooks'
import { type ComparedDesign, MOST_COMPARED } from './comparedDesigns'
import styles from './compare.module.css'

interface DesignPickerProps {
  chosen: readonly ComparedDesign[]
  onChoose: (designs: ComparedDesign[]) => void
}

/** Which designs are compared, each as it is or as it was. */
export function DesignPicker({ chosen, onChoose }: DesignPickerProps) {
  const { data, hasNextPage, fetchNextPage } = useShelfRows({ find: '', order: 'name' })
  const rows = data?.pages.flatMap((page) => page.rows) ?? []
  const names = rows.map(({ id, name }) => ({ value: id, text: name }))
  const put = (at: number, one: ComparedDesign | null): void => {
    const next = [...chosen]
    if (one) next[at] = one
    else next.splice(at, 1)
    onChoose(next)
  }
  return (
    <div className={styles.picker} role="group" aria-label="Designs to compare">
      {chosen.map((one, at) => (
        <div key={at} className={styles.picked}>
          <SmallChoice
            label={`Design ${at + 1}`}
            width={220}
            value={one.id}
            options={names}
            onChange={(id) => {
              put(at, { id, revision: null })
            }}
          />
          <RevisionChoice
            one={one}
            at={at}
            onChange={(revision) => {
              put(at, { ...one, revision })
            }}
          />
          <button
            type="button"
            className="plain-button"
            onClick={() => {
              put(at, null)
            }}
          >
            Leave out<span className="only-for-readers"> design {at + 1}</span>
          </button>
        </div>
      ))}
      {chosen.length < MOST_COMPARED && (
        <SmallChoice
          label={chosen.length === 0 ? 'Compare' : 'And'}
          width={220}
          value=""
          options={[{ value: '', text: 'choose a design' }, ...names]}
          onChange={(id) => {
            if (id !== '') put(chosen.length, { id, revision: null })
          }}
        />
      )}
      {hasNextPage && (
        <button type="button" className="plain-button" onClick={() => void fetchNextPage()}>
          List more designs
        </button>
      )}
    </div>
  )
}

interface RevisionChoiceProps {
  one: ComparedDesign
  at: number
  onChange: (revision: ComparedDesign['revision']) => void
}

function RevisionChoice({ one, at, onChange }: RevisionChoiceProps) {
  const { data } = useRevisionsQuery({ id: one.id })
  const past = data ?? []
  const hasCheckpoint = useAppSelector((state) => selectCheckpointOf(state, one.id)) !== null
  return (
    <SmallChoice
      label={`Revision of design ${at + 1}`}
      width={200}
      value={one.revision === null ? '' : String(one.revision)}
      options={[
        { value: '', text: 'as it is' },
        ...(hasCheckpoint ? [{ value: 'checkpoint', text: 'at the checkpoint' }] : []),
        ...past.map(({ revision, label, savedAt }) => ({
          value: String(revision),
          text: `${revision}: ${label ?? new Date(savedAt).toLocaleDateString(format.locale)}`,
        })),
      ]}
      onChange={(value) => {
        onChange(value === '' ? null : value === 'checkpoint' ? value : Number(value))
      }}
    />
  )
}
