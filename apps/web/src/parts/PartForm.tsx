import type { StoredPart } from '@flint/contract'
import { kindWords, type PartKind, sheetColumns, slugOf } from '@flint/core/editing'
import { useMemo, useState } from 'react'
import { useKeepPartMutation } from '../api/api'
import { problemOf, problemSentence } from '../api/problemOf'
import { BaysPreview } from './BaysPreview'
import { FormRow } from './FormRow'
import { PasteSheet } from './PasteSheet'
import { rowSentence } from './rowSentences'
import { readSheet, startTexts, type Texts } from './sheetTexts'
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
  const columns = sheetColumns(kind)
  const parts = useMemo(() => [...taken.values()], [taken])
  const [texts, setTexts] = useState<Texts>(() => startTexts(columns, from))
  const [sources, setSources] = useState<Texts>(from?.sheet.sources ?? {})
  const [problems, setProblems] = useState<Texts>({})
  const [refusal, setRefusal] = useState('')
  const [keepPart, { isLoading }] = useKeepPartMutation()
  const noun = kindWords.find((one) => one.kind === kind)?.one ?? kind
  const changes = Boolean(from?.slug)

  async function keep(): Promise<void> {
    const read = readSheet(kind, columns, texts, sources)
    setProblems(read.problems)
    setRefusal('')
    if (!read.sheet) {
      const count = Object.keys(read.problems).length
      setRefusal(`Not kept yet: ${count === 1 ? 'one value' : `${count} values`} cannot be taken.`)
      return
    }
    const slug = changes && from ? from.slug : freeSlug(slugOf(read.sheet), taken)
    const { error } = await keepPart({ slug, sheet: read.sheet })
    if (!error) {
      onDone(slug)
      return
    }
    const problem = problemOf(error)
    setRefusal(problemSentence(error))
    if (problem.kind === 'refused') {
      setProblems(
        Object.fromEntries(
          (problem.problem.errors ?? []).map(({ field, sentence }) => [
            field.replace(/^sheet\./, ''),
            sentence,
          ]),
        ),
      )
    }
  }

  return (
    <form
      aria-label={changes ? 'Change the part' : `A ${noun} of your own`}
      onSubmit={(event) => {
        event.preventDefault()
        void keep()
      }}
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
          setTexts({ ...texts, ...read })
        }}
      />
      <table className={styles.form}>
        <tbody>
          {columns.map((column) => (
            <FormRow
              key={column.name}
              column={column}
              parts={parts}
              sentence={rowSentence(column.name, texts)}
              aside={column.name === 'bayBlocks' && <BaysPreview texts={texts} />}
              text={texts[column.name] ?? ''}
              source={sources[column.name] ?? ''}
              problem={problems[column.name]}
              onText={(text) => {
                setTexts({ ...texts, [column.name]: text })
              }}
              onSource={(source) => {
                setSources(
                  Object.fromEntries(
                    Object.entries({ ...sources, [column.name]: source }).filter(
                      ([, one]) => one !== '',
                    ),
                  ),
                )
              }}
            />
          ))}
        </tbody>
      </table>
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
