import type { StoredPart } from '@flint/contract'
import { columnValue, kindWords, partValues } from '@flint/core/editing'
import { useState } from 'react'
import { Link } from 'react-router'
import { useNoteOwnedMutation, useRemovePartMutation, usePartUsesQuery } from '../api/api'
import { problemSentence } from '../api/problemOf'
import { format } from '../controls/locale'
import { isSaid, shownColumns, sourceWords, valueWords } from './sheetWords'
import styles from './parts.module.css'

interface PartSheetViewProps {
  part: StoredPart
  onCopy: () => void
  onEdit: () => void
  onRemoved: () => void
}

/** One data sheet: every value with where it came from, what is owned, and where it is used. */
export function PartSheetView({ part, onCopy, onEdit, onRemoved }: PartSheetViewProps) {
  const { slug, version, sheet, origin } = part
  const [removePart] = useRemovePartMutation()
  const [problem, setProblem] = useState('')
  const values = partValues(part)
  const columns = shownColumns(sheet.kind).filter((column) => isSaid(part, column))
  const kind = kindWords.find((one) => one.kind === sheet.kind)?.one ?? sheet.kind
  return (
    <article aria-label={`${sheet.maker} ${sheet.model}`}>
      <div className={styles.title}>
        <h2>
          {sheet.maker} {sheet.model}
        </h2>
        <span className="soft">
          {kind}, {origin === 'own' ? 'your own' : 'shipped'}, version {version}
        </span>
      </div>
      <div className={styles.actions}>
        <Owned part={part} onProblem={setProblem} />
        <button type="button" className="plain-button" onClick={onCopy}>
          {origin === 'own' ? 'Copy' : 'Copy as your own'}
        </button>
        {origin === 'own' && (
          <>
            <button type="button" className="plain-button" onClick={onEdit}>
              Edit
            </button>
            <button
              type="button"
              className="plain-button"
              onClick={() => {
                void removePart(slug).then(({ error }) => {
                  if (error) setProblem(problemSentence(error))
                  else onRemoved()
                })
              }}
            >
              Remove
            </button>
          </>
        )}
      </div>
      {problem && <p role="alert">{problem}</p>}
      <WhereUsed slug={slug} />
      <table className={styles.sheet}>
        <thead>
          <tr>
            <th scope="col">Value</th>
            <th scope="col">On this part</th>
            <th scope="col">From</th>
          </tr>
        </thead>
        <tbody>
          {columns.map((column) => (
            <tr
              key={column.name}
              data-unknown={columnValue(values, column.name) === null || undefined}
            >
              <th scope="row" title={column.help || undefined}>
                {column.label}
              </th>
              <td className="figure">{valueWords(part, column)}</td>
              <td className={`soft ${styles.from ?? ''}`}>{sourceWords(part, column)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </article>
  )
}

function Owned({ part, onProblem }: { part: StoredPart; onProblem: (text: string) => void }) {
  const { slug, ownedPieces, sheet } = part
  const [noteOwned, { isLoading }] = useNoteOwnedMutation()
  if (sheet.kind === 'place') return null
  const change = (by: number): void => {
    void noteOwned({ slug, ownedPieces: ownedPieces + by }).then(({ error }) => {
      onProblem(error ? problemSentence(error) : '')
    })
  }
  return (
    <span className={styles.owned}>
      What I own:
      <button
        type="button"
        aria-label="One fewer owned"
        disabled={isLoading || ownedPieces === 0}
        onClick={() => {
          change(-1)
        }}
      >
        −
      </button>
      <output className="figure" aria-live="polite">
        {format.number(ownedPieces)}
      </output>
      <button
        type="button"
        aria-label="One more owned"
        disabled={isLoading}
        onClick={() => {
          change(1)
        }}
      >
        +
      </button>
    </span>
  )
}

/** The designs that hold this part, with how many pieces. */
function WhereUsed({ slug }: { slug: string }) {
  const { data: uses = [] } = usePartUsesQuery(slug)
  return (
    <p className={styles.uses}>
      <span className="soft">Used in: </span>
      {uses.length === 0 && 'no design on the shelf.'}
      {uses.map(({ id, name, pieces }, index) => (
        <span key={id}>
          {index > 0 && ', '}
          <Link to={`/designs/${id}`}>{name}</Link> ({format.number(pieces)})
        </span>
      ))}
    </p>
  )
}
