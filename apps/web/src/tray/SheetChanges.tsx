import { type Edit, fieldWords, sheetChanges } from '@flint/core/editing'
import { useParts } from '../api/useParts'
import { selectDesign } from '../sheet/selectors'
import { useEdit, usePreview } from '../sheet/useEdit'
import { useAppSelector } from '../store/hooks'
import styles from './tray.module.css'

/** Data sheets on which the catalogue has changed its mind since the part was chosen. */
export function SheetChanges() {
  const design = useAppSelector(selectDesign)
  const { data = [] } = useParts()
  const edit = useEdit()
  const previewOf = usePreview()
  const changes = sheetChanges(design, data)
  if (changes.length === 0) return null
  return (
    <section className={styles.section} aria-label="Changed data sheets">
      <h2>The catalogue says otherwise now</h2>
      <p className="soft">This design computes with the values from when the part was chosen.</p>
      <ul className={styles.list}>
        {changes.map(({ snapshotId, name, part, fields }) => (
          <li key={snapshotId} className={styles.change}>
            <span className={styles.changeRow}>
              <strong>{name}</strong>
              {fields.length > 1 && (
                <button
                  type="button"
                  className="plain-button"
                  onClick={() => {
                    edit({
                      do: 'take-sheet-fields',
                      snapshotId,
                      part,
                      fields: fields.map(({ field }) => field),
                    })
                  }}
                >
                  take all {fields.length}
                </button>
              )}
            </span>
            {fields.map(({ field, from, to }) => {
              const take: Edit = { do: 'take-sheet-fields', snapshotId, part, fields: [field] }
              return (
                <span key={field} className={styles.changeRow}>
                  <span>
                    {fieldWords(field).label}: <span className="figure">{valueWords(from)}</span> →{' '}
                    <span className="figure">{valueWords(to)}</span>
                  </span>
                  <button
                    type="button"
                    className="plain-button"
                    aria-label={`Take ${fieldWords(field).label} of ${name}`}
                    {...previewOf(take)}
                    onClick={() => {
                      edit(take)
                    }}
                  >
                    take it
                  </button>
                </span>
              )
            })}
          </li>
        ))}
      </ul>
    </section>
  )
}

function valueWords(value: unknown): string {
  if (value === null) return 'not known'
  if (typeof value === 'number' || typeof value === 'boolean') return String(value)
  return typeof value === 'string' ? value : 'a list'
}
