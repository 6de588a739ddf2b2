import type { StoredDesign } from '@flint/contract'
import { cutText } from '@flint/core/drawing'
import { evaluate, isLack, resolveMachine } from '@flint/core/figures'
import { memo, useMemo } from 'react'
import { Link } from 'react-router'
import { useCreateDesignMutation, useRemoveDesignMutation } from '../api/api'
import { problemSentence } from '../api/problemOf'
import { ElevationThumb } from '../drawing/ElevationThumb'
import { ledgerFigures, limitOf } from '../ledger/figures'
import { openChoiceCount, openChoiceNames } from '../ledger/openChoiceWords'
import { SeverityShape } from '../controls/SeverityShape'
import { saveAsFile } from './saveAsFile'
import type { ShelfNews } from './shelfNews'
import styles from './shelf.module.css'

interface DesignRowProps {
  stored: StoredDesign
  /** Whether this browser keeps work on it that was not saved. */
  isKeptHere: boolean
  onNews: (news: ShelfNews) => void
}

export const DesignRow = memo(function DesignRow({ stored, isKeptHere, onNews }: DesignRowProps) {
  const { id, document: design } = stored
  const machine = useMemo(() => resolveMachine(design), [design])
  const evaluation = useMemo(() => evaluate(design, machine), [design, machine])
  const { stillToChoose } = evaluation
  const [createDesign] = useCreateDesignMutation()
  const [removeDesign] = useRemoveDesignMutation()
  const findings = evaluation.findings.filter((finding) => !isLack(finding))
  const [worst] = findings

  async function copy(): Promise<void> {
    const { error } = await createDesign({
      ...design,
      name: `${cutText(design.name, 110)}, copy`,
    })
    onNews({ text: error ? problemSentence(error) : `Copied ${design.name}.` })
  }

  async function remove(): Promise<void> {
    const { error } = await removeDesign(id)
    onNews(
      error
        ? { text: problemSentence(error) }
        : { text: `Took ${design.name} off the shelf.`, removedId: id },
    )
  }

  return (
    <li className={styles.design}>
      <div className={styles.thumb}>
        <ElevationThumb design={design} machine={machine} />
      </div>
      <div>
        <Link className={styles.title} to={`/designs/${id}/drives`}>
          {design.name}
        </Link>
        {isKeptHere && (
          <p role="note">
            Work on it that is not saved yet is kept in this browser; open it to save it.
          </p>
        )}
        {design.notes && <p className="soft">{design.notes}</p>}
        <dl className={styles.figures}>
          {ledgerFigures.map((figure) => {
            const { value, unit } = figure.value(evaluation)
            const status = limitOf(evaluation, figure.limitId)?.status
            return (
              <div key={figure.id}>
                <dt>{figure.title}</dt>
                <dd>
                  {value} {unit}
                </dd>
                {status === 'missed' && <dd className={styles.missed}>△ misses the brief</dd>}
                {status === 'may be missed' && (
                  <dd className={styles.missed}>may miss the brief</dd>
                )}
              </div>
            )
          })}
          <div>
            <dt>findings</dt>
            <dd>
              {findings.length === 0 ? 'none' : findings.length}{' '}
              {worst && <SeverityShape severity={worst.severity} />}
            </dd>
          </div>
          <div>
            <dt>still to choose</dt>
            <dd>{openChoiceCount(evaluation)}</dd>
            {stillToChoose.length > 0 && (
              <dd className={styles.missed}>{openChoiceNames(evaluation)}</dd>
            )}
          </div>
        </dl>
      </div>
      <div className={styles.more}>
        <button
          type="button"
          className="plain-button"
          aria-label={`Copy ${design.name}`}
          onClick={() => void copy()}
        >
          copy
        </button>
        <button
          type="button"
          className="plain-button"
          aria-label={`Export ${design.name}`}
          onClick={() => {
            saveAsFile(design)
          }}
        >
          export
        </button>
        <button
          type="button"
          className="plain-button"
          aria-label={`Remove ${design.name}`}
          onClick={() => void remove()}
        >
          remove
        </button>
      </div>
    </li>
  )
})
