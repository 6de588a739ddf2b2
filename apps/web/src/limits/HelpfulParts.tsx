import { limitWords, type LimitId, triedParts, tryableParts } from '@flint/core/figures'
import { useParts } from '../api/useParts'
import { format } from '../controls/locale'
import { selectDesign, selectWords } from '../sheet/selectors'
import { yearChangeText } from '../sheet/payBack'
import { useEdit, usePreview } from '../sheet/useEdit'
import { useAppSelector } from '../store/hooks'
import tray from '../tray/tray.module.css'
import { useHelpfulParts } from './useHelpfulParts'

/** Other parts with which a limit would stand better, each with what it then is and what it costs more. */
export function HelpfulParts({ limitId }: { limitId: LimitId }) {
  const design = useAppSelector(selectDesign)
  const { data: parts = NO_PARTS } = useParts()
  const { helpful, failed } = useHelpfulParts(design, limitId, parts)
  const words = useAppSelector(selectWords)
  const edit = useEdit()
  const preview = usePreview()
  const nameOf = new Map(parts.map(({ slug, sheet }) => [slug, `${sheet.maker} ${sheet.model}`]))
  const untried = tryableParts(design, parts).length - triedParts(design, parts).length
  const rest = untried > 0 && (
    <p className="soft">{format.number(untried)} more parts of the catalogue were not tried.</p>
  )
  if (failed) return <p>It could not be worked out.</p>
  if (!helpful) return <p className="soft">Trying other parts …</p>
  if (helpful.length === 0) {
    return (
      <>
        <p className="soft">
          No single other part of the catalogue helps without doing harm elsewhere.
        </p>
        {rest}
      </>
    )
  }
  return (
    <>
      <ul className={tray.list} aria-label="Parts that would help">
        {helpful.map(({ slug, limit, costMinor, yearMinor, edit: apply }) => (
          <li key={slug}>
            <button
              type="button"
              className={tray.offer}
              data-help={slug}
              {...preview(apply)}
              onClick={() => {
                edit(apply)
              }}
            >
              <span className={tray.title}>{nameOf.get(slug)}</span>
              <span className={tray.right}>{moreWords(costMinor, design.brief.currency)}</span>
              <span className={tray.wide}>
                {[
                  `${limitWords(limit, words).has}: ${limit.status}`,
                  yearChangeText(yearMinor, design.brief.currency),
                ]
                  .filter(Boolean)
                  .join(', ')}
              </span>
            </button>
          </li>
        ))}
      </ul>
      {rest}
    </>
  )
}

const NO_PARTS: never[] = []

/** What the design costs more, or what it saves. */
function moreWords(minor: number | null, currency: string): string {
  if (minor === null) return 'price not known'
  if (minor === 0) return 'costs the same'
  const money = format.roundMoney(Math.abs(minor), currency)
  return minor > 0 ? `${money} more` : `saves ${money}`
}
