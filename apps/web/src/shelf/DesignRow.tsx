import type { StoredDesign } from '@flint/contract'
import { evaluate } from '@flint/core/figures'
import { memo, useMemo } from 'react'
import { Link } from 'react-router'
import { useCreateDesignMutation, useRemoveDesignMutation } from '../api/api'
import { problemSentence } from '../api/problemOf'
import { LOCALE } from '../controls/locale'
import { ElevationThumb } from '../drawing/ElevationThumb'
import { keepsLimit, ledgerFigures } from '../ledger/figures'
import { SeverityShape } from '../controls/SeverityShape'
import { saveAsFile } from './saveAsFile'
import type { ShelfNews } from './shelfNews'
import styles from './shelf.module.css'

interface DesignRowProps {
  stored: StoredDesign
  onNews: (news: ShelfNews) => void
}

export const DesignRow = memo(function DesignRow({ stored, onNews }: DesignRowProps) {
  const { id, document: design } = stored
  const evaluation = useMemo(() => evaluate(design, LOCALE), [design])
  const [createDesign] = useCreateDesignMutation()
  const [removeDesign] = useRemoveDesignMutation()
  const [worst] = evaluation.findings

  async function copy(): Promise<void> {
    const { error } = await createDesign({
      ...design,
      name: `${design.name.slice(0, 110)}, copy`,
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
        <ElevationThumb design={design} evaluation={evaluation} />
      </div>
      <div>
        <Link className={styles.title} to={`/designs/${id}/drives`}>
          {design.name}
        </Link>
        {design.notes && <p className="soft">{design.notes}</p>}
        <dl className={styles.figures}>
          {ledgerFigures.map((figure) => {
            const { value, unit } = figure.value(evaluation)
            const missed =
              keepsLimit(figure, figure.amount(evaluation), figure.limit(design, evaluation)) ===
              false
            return (
              <div key={figure.id}>
                <dt>{figure.title}</dt>
                <dd>
                  {value} {unit}
                </dd>
                {missed && <dd className={styles.missed}>△ misses the brief</dd>}
              </div>
            )
          })}
          <div>
            <dt>findings</dt>
            <dd>
              {evaluation.findings.length === 0 ? 'none' : evaluation.findings.length}{' '}
              {worst && <SeverityShape severity={worst.severity} />}
            </dd>
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
