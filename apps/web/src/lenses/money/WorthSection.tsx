import { type CataloguePart, cataloguedPart, sheetName } from '@flint/core/editing'
import { editLabel, triedParts, type WorthwhileChange, wordsFor } from '@flint/core/figures'
import type { Remote } from 'comlink'
import { useCallback, useMemo, useState } from 'react'
import { useParts } from '../../api/useParts'
import { format } from '../../controls/locale'
import { monthsToPayBack } from '../../sheet/payBack'
import { selectDesign } from '../../sheet/selectors'
import { useEdit, usePreview } from '../../sheet/useEdit'
import { useAppSelector } from '../../store/hooks'
import { useWorkerAnswer } from '../../workers/useWorkerAnswer'
import type { WorthFinder } from './worthWorker'
import styles from './money.module.css'

/** Longer than this nobody keeps a machine for its savings. */
const WITHIN_MONTHS = 120
const SHOWN = 12

/** Which other part, or which fix of a finding, gives back what it costs. */
export function WorthSection() {
  const [isAsked, setIsAsked] = useState(false)
  const { data: parts } = useParts()
  return (
    <section aria-label="Is it worth it">
      <h2>Is it worth it?</h2>
      {isAsked && parts ? (
        <Worthwhile parts={parts} />
      ) : (
        <p>
          <button
            type="button"
            className="plain-button"
            onClick={() => {
              setIsAsked(true)
            }}
          >
            Try every part and every fix
          </button>{' '}
          <span className="soft">
            What gives back its price by the power that it saves, and leaves no limit standing
            worse.
          </span>
        </p>
      )}
    </section>
  )
}

function Worthwhile({ parts }: { parts: readonly CataloguePart[] }) {
  const design = useAppSelector(selectDesign)
  const edit = useEdit()
  const previewOf = usePreview()
  const ask = useCallback(
    (finder: Remote<WorthFinder>) =>
      finder.worthwhileChanges(
        design,
        triedParts(design, parts).map(cataloguedPart),
        WITHIN_MONTHS,
      ),
    [design, parts],
  )
  const { answer, failed } = useWorkerAnswer<WorthFinder, WorthwhileChange[]>(startWorker, ask)
  const words = useMemo(() => wordsFor(design, format), [design])
  const nameOf = useMemo(
    () => new Map(parts.map(({ slug, sheet }) => [slug, sheetName(sheet)])),
    [parts],
  )
  if (failed) return <p role="alert">It cannot be worked out.</p>
  if (!answer) return <p className="soft">Trying every part …</p>
  if (answer.length === 0) {
    return (
      <p role="status">
        Nothing in the catalogue gives back its price within{' '}
        {format.counted(WITHIN_MONTHS / 12, 'year')}.
      </p>
    )
  }
  const { currency } = design.brief
  const signed = (minor: number): string =>
    `${minor < 0 ? '−' : '+'}${format.roundMoney(Math.abs(minor), currency)}`
  return (
    <>
      <table className="lined" aria-label="What is worth it">
        <thead>
          <tr>
            <th scope="col">Change</th>
            <th scope="col">To pay</th>
            <th scope="col">A year</th>
            <th scope="col">Mean watts</th>
            <th scope="col">Paid back</th>
            <th scope="col">
              <span className="only-for-readers">Do it</span>
            </th>
          </tr>
        </thead>
        <tbody>
          {answer.slice(0, SHOWN).map((change) => {
            const { by, costMinor, yearMinor, meanWatts, months } = change
            const name =
              'swap' in by ? (nameOf.get(by.swap) ?? by.swap) : editLabel(change.edit, words)
            return (
              <tr key={'swap' in by ? by.swap : `${by.fixOf} ${name}`}>
                <th scope="row">{name}</th>
                <td className={styles.sum}>{signed(costMinor)}</td>
                <td className={styles.sum}>{signed(yearMinor)}</td>
                <td className={styles.sum}>
                  {meanWatts === null
                    ? 'not known'
                    : `${meanWatts < 0 ? '−' : '+'}${format.watts(Math.abs(meanWatts), 1)}`}
                </td>
                <td>{months === 0 ? 'at once' : monthsToPayBack(months)}</td>
                <td>
                  <button
                    type="button"
                    className="plain-button"
                    {...previewOf(change.edit)}
                    onClick={() => {
                      edit(change.edit)
                    }}
                  >
                    Do it<span className="only-for-readers">: {name}</span>
                  </button>
                </td>
              </tr>
            )
          })}
        </tbody>
      </table>
      <p className="soft">
        No limit of the brief stands worse after it. What the brief does not ask for, as cores or
        ports, is not weighed.
      </p>
    </>
  )
}

const startWorker = (): Worker =>
  new Worker(new URL('./worthWorker.ts', import.meta.url), { type: 'module' })
