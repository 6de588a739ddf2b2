import type { StoredPart } from '@flint/contract'
import {
  decidingNames,
  isSaidOf,
  kindWords,
  partColumns,
  type PartKind,
  slugOf,
} from '@flint/core/editing'
import { useMemo, useState } from 'react'
import { useForm, useWatch } from 'react-hook-form'
import { useKeepPartMutation } from '../api/api'
import { problemOf, problemSentence } from '../api/problemOf'
import { format } from '../controls/locale'
import { FormRow } from './FormRow'
import { PasteSheet } from './PasteSheet'
import { readTyped, startTexts } from './sheetTexts'
import { byColumn, byKey, fieldKey, sheetResolver, type TypedSheet } from './typedSheet'
import styles from './parts.module.css'

interface PartFormProps {
  kind: PartKind
  /** The part to change, or, without a name, the one to copy from; null for a blank sheet. */
  from: StoredPart | null
  taken: ReadonlyMap<string, StoredPart>
  /** With the name of what was kept; null when nothing was. */
  onDone: (slug: string | null) => void
}

/** A data sheet of one's own: every value may stay empty but the few that a part is nothing without. */
export function PartForm({ kind, from, taken, onDone }: PartFormProps) {
  const columns = partColumns(kind)
  const parts = useMemo(() => [...taken.values()], [taken])
  const { control, getValues, handleSubmit, setError, setValue, formState } = useForm<TypedSheet>({
    defaultValues: {
      texts: byKey(startTexts(columns, from)),
      sources: byKey(from?.sheet.sources ?? {}),
    },
    resolver: sheetResolver(kind, columns),
  })
  const deciding = useMemo(() => decidingNames(kind), [kind])
  const decided = useWatch({ control, name: deciding.map((name) => `texts.${name}` as const) })
  const valueOf = (name: string): unknown => decided[deciding.indexOf(name)]
  const [refusal, setRefusal] = useState('')
  const [keepPart, { isLoading }] = useKeepPartMutation()
  const noun = kindWords.find((one) => one.kind === kind)?.one ?? kind
  const changes = Boolean(from?.slug)
  const errors = formState.errors.texts
  const problems = Object.keys(errors ?? {}).length

  async function keep({ texts, sources }: TypedSheet): Promise<void> {
    setRefusal('')
    const { part } = readTyped(kind, columns, byColumn(texts), byColumn(sources))
    if (!part) return
    const slug = changes && from ? from.slug : freeSlug(slugOf(part.sheet), taken)
    const { error } = await keepPart({ slug, ...part })
    if (!error) {
      onDone(slug)
      return
    }
    const problem = problemOf(error)
    setRefusal(problemSentence(error))
    if (problem.kind !== 'refused') return
    for (const { field, sentence } of problem.problem.errors ?? []) {
      setError(`texts.${fieldKey(field.replace(/^sheet\./, ''))}`, { message: sentence })
    }
  }

  return (
    <form
      aria-label={changes ? 'Change the part' : `A ${noun} of your own`}
      onSubmit={(event) => void handleSubmit(keep)(event)}
    >
      <div className={styles.title}>
        <h2>{changes ? `Change ${from?.sheet.model ?? ''}` : `A ${noun} of your own`}</h2>
        <span className="soft">
          Empty means not known.{' '}
          {changes ? 'Designs keep the sheet they have until you take the new one.' : ''}
        </span>
      </div>
      <PasteSheet
        kind={kind}
        onRead={(read) => {
          for (const [name, text] of Object.entries(read)) setValue(`texts.${fieldKey(name)}`, text)
        }}
      />
      <table className={styles.form}>
        <tbody>
          {columns
            // What is given already stays to be seen, even where it says nothing beside the others.
            .filter(
              ({ name }) =>
                isSaidOf(kind, name, valueOf) || Boolean(getValues(`texts.${fieldKey(name)}`)),
            )
            .map((column) => (
              <FormRow key={column.name} column={column} control={control} parts={parts} />
            ))}
        </tbody>
      </table>
      {problems > 0 && (
        <p role="alert">
          Not kept yet: {problems === 1 ? 'one value' : `${format.number(problems)} values`} cannot
          be taken.
        </p>
      )}
      {refusal && <p role="alert">{refusal}</p>}
      <div className={styles.formEnd}>
        <button type="submit" className={styles.keep} disabled={isLoading}>
          Save
        </button>
        <button
          type="button"
          className="plain-button"
          onClick={() => {
            onDone(null)
          }}
        >
          Cancel
        </button>
      </div>
    </form>
  )
}

function freeSlug(wanted: string, taken: ReadonlyMap<string, StoredPart>): string {
  if (!taken.has(wanted)) return wanted
  let number = 2
  while (taken.has(`${wanted}-${number}`)) number += 1
  return `${wanted}-${number}`
}
