import { type HelpfulChange, limitWords, triedParts, tryableParts } from '@flint/core/figures'
import { useParts } from '../api/useParts'
import { format } from '../controls/locale'
import { selectDesign, selectWords } from '../sheet/selectors'
import { yearChangeText } from '../sheet/payBack'
import { useEdit, usePreview } from '../sheet/useEdit'
import { useAppSelector } from '../store/hooks'
import tray from '../tray/tray.module.css'
import { type Looked, useHelpfulChanges } from './useHelpfulChanges'

/** Changes with which a limit would stand better, or the whole cost less; each with what it then is. */
export function HelpfulChanges({ looked }: { looked: Looked }) {
  const design = useAppSelector(selectDesign)
  const { data: parts = NO_PARTS } = useParts()
  const { changes, failed } = useHelpfulChanges(design, looked, parts)
  const nameOf = new Map(parts.map(({ slug, sheet }) => [slug, `${sheet.maker} ${sheet.model}`]))
  const untried = tryableParts(design, parts).length - triedParts(design, parts).length
  const rest = untried > 0 && (
    <p className="soft">{format.number(untried)} more parts of the catalogue were not tried.</p>
  )
  if (failed) return <p>It could not be worked out.</p>
  if (!changes) return <p className="soft">Trying other parts …</p>
  if (changes.length === 0) {
    return (
      <>
        <p className="soft">
          {looked === 'smaller sets'
            ? 'No set of drives of one model holds this for less without letting a limit stand worse.'
            : 'Nothing in the catalogue helps without doing harm elsewhere: no part, no set of drives and no few parts together.'}
        </p>
        {rest}
      </>
    )
  }
  return (
    <>
      <ul
        className={tray.list}
        aria-label={looked === 'smaller sets' ? 'Sets that cost less' : 'Changes that would help'}
      >
        {changes.map((change) => (
          <ChangeOffer
            key={change.putIn.map(({ slug, set }) => `${slug} ${set?.drives ?? ''}`).join()}
            change={change}
            nameOf={nameOf}
          />
        ))}
      </ul>
      {rest}
    </>
  )
}

function ChangeOffer({
  change: { putIn, limit, costMinor, yearMinor, isRiskier, edit: apply },
  nameOf,
}: {
  change: HelpfulChange
  nameOf: ReadonlyMap<string, string>
}) {
  const { currency } = useAppSelector(selectDesign).brief
  const words = useAppSelector(selectWords)
  const edit = useEdit()
  const preview = usePreview()
  const names = putIn.map(({ slug, set }) => {
    const name = nameOf.get(slug) ?? slug
    return set ? `${format.number(set.drives)} × ${name}` : name
  })
  const laidOut = putIn.flatMap(({ set }) => set?.title ?? [])[0]
  return (
    <li>
      <button
        type="button"
        className={tray.offer}
        data-help={putIn[0]?.slug}
        {...preview(apply)}
        onClick={() => {
          edit(apply)
        }}
      >
        <span className={tray.title}>{names.join(' and ')}</span>
        <span className={tray.right}>{moreWords(costMinor, currency)}</span>
        <span className={tray.wide}>
          {[
            laidOut && `in place of all drives, ${laidOut}`,
            `${limitWords(limit, words).has}: ${limit.status}`,
            yearChangeText(yearMinor, currency),
            isRiskier && 'brings a new risk',
          ]
            .filter(Boolean)
            .join(', ')}
        </span>
      </button>
    </li>
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
