import type { StoredPart } from '@flint/contract'
import {
  cataloguedPart,
  type Edit,
  type Design,
  fittedOfKind,
  fittedWithSheets,
  mostOf,
  type PartChoice,
  partKinds,
  sheetName,
} from '@flint/core/editing'
import { fitVerdicts, reasonText, type Verdict } from '@flint/core/figures'
import { useMemo, useState } from 'react'
import { Link } from 'react-router'
import { useParts } from '../api/useParts'
import { format } from '../controls/locale'
import { SmallChoice } from '../controls/SmallChoice'
import { wattsChangeText } from '../sheet/payBack'
import { selectDesign, selectEvaluation } from '../sheet/selectors'
import { useEdit, usePreview } from '../sheet/useEdit'
import { useAppSelector } from '../store/hooks'
import { FindOffers } from './FindOffers'
import { partTexts } from './partText'
import { costWords, partWords } from './partWords'
import { SeverityShape } from '../controls/SeverityShape'
import { useFoundParts } from './useFoundParts'
import { walkOffers } from './walkOffers'
import styles from './tray.module.css'

const RANK: Record<Verdict, number> = { fits: 0, 'fits with changes': 1, 'does not fit': 2 }
const SHAPE = { fits: null, 'fits with changes': 'risks', 'does not fit': 'blocks' } as const

/**
 * Each offer is judged by trying it in the design, which takes a fraction of a millisecond: so many are
 * judged while a key is down, and the rest wait for another word.
 */
const MOST_OFFERS = 120

/** Parts of the catalogue that could be chosen here: what fits first, each with its reason. */
export function PartOffers({ noun, takes }: PartChoice) {
  const design = useAppSelector(selectDesign)
  const now = useAppSelector(selectEvaluation)
  const { data } = useParts()
  const [words, setWords] = useState('')
  const textOf = useMemo(() => partTexts(data ?? []), [data])
  const chosen = useMemo(() => chosenSlugs(design, takes), [design, takes])
  const offered = useMemo(
    () =>
      (data ?? [])
        .filter(({ sheet }) => takes(sheet))
        .sort((one, other) => Number(other.ownedPieces > 0) - Number(one.ownedPieces > 0)),
    [data, takes],
  )
  const asked = useFoundParts(offered, textOf, words)
  const { found } = asked
  const judged = useMemo(() => fitVerdicts(design, found.slice(0, MOST_OFFERS)), [found, design])
  // The order is made when the list is: were it made anew with every choice, the offer under the pointer
  // would jump away, and another would be looked at that nobody points at.
  const [order, setOrder] = useState<{ of: typeof found; slugs: string[] } | null>(null)
  let slugs = order?.of === found ? order.slugs : null
  if (!slugs) {
    slugs = bestFirst(judged, chosen)
    setOrder({ of: found, slugs })
  }
  const bySlug = new Map(judged.map((offer) => [offer.part.slug, offer]))
  const offers = slugs.flatMap((slug) => bySlug.get(slug) ?? [])
  const fitting = offers.filter(({ verdict }) => verdict !== 'does not fit')
  const [against, setAgainst] = useState('')
  const heldAgainst = fitting.find(({ part }) => part.slug === against)?.figures ?? now
  return (
    <>
      <FindOffers
        noun={noun}
        placeholder={`Find a ${noun}`}
        words={words}
        onWords={setWords}
        asked={asked}
        onLeave={(field) => {
          field.blur()
        }}
      />
      {fitting.length > 1 && (
        <div className={styles.heldAgainst}>
          <SmallChoice
            label="Watts and money held against"
            width={230}
            value={fitting.some(({ part }) => part.slug === against) ? against : ''}
            options={[
              { value: '', text: 'the design as it is' },
              ...fitting.map(({ part }) => ({
                value: part.slug,
                text: `with ${sheetName(part.sheet)}`,
              })),
            ]}
            onChange={setAgainst}
          />
        </div>
      )}
      <ul className={styles.list} onKeyDown={walkOffers} aria-label={`Offers: ${noun}`}>
        {offers.map(({ part, ...judged }) => (
          <Offer
            key={part.slug}
            part={part}
            verdict={judged.verdict}
            reason={reasonText(judged, format)}
            watts={
              judged.verdict === 'does not fit' ? '' : wattsChangeText(heldAgainst, judged.figures)
            }
            isChosen={chosen.has(part.slug)}
          />
        ))}
      </ul>
      <p className={styles.more}>
        <Link to="/parts">All parts, compare and add your own</Link>
      </p>
      {found.length > offers.length && (
        <p className="soft">
          {format.number(found.length - offers.length)} more. Narrow them with a word or a
          measurement, as “depth under 400”.
        </p>
      )}
    </>
  )
}

/** The names of the parts of this choice that the design has. */
function chosenSlugs(design: Design, takes: PartChoice['takes']): Set<string> {
  const used = new Set(
    fittedWithSheets(design).flatMap(({ part, sheet }) => (takes(sheet) ? [part.snapshotId] : [])),
  )
  return new Set(
    design.snapshots.flatMap(({ id, slug }) => (slug !== null && used.has(id) ? [slug] : [])),
  )
}

/** What is chosen, then what fits, and of equals what is owned. */
function bestFirst(
  judged: readonly { part: StoredPart; verdict: Verdict }[],
  chosen: ReadonlySet<string>,
): string[] {
  return [...judged]
    .sort(
      (one, other) =>
        Number(chosen.has(other.part.slug)) - Number(chosen.has(one.part.slug)) ||
        RANK[one.verdict] - RANK[other.verdict] ||
        Number(other.part.ownedPieces > 0) - Number(one.part.ownedPieces > 0),
    )
    .map(({ part }) => part.slug)
}

interface OfferProps {
  part: StoredPart
  verdict: Verdict
  reason: string
  /** What it does to the watts of the machine, and to the money of a year. */
  watts: string
  isChosen: boolean
}

function Offer({ part, verdict, reason, watts, isChosen }: OfferProps) {
  const edit = useEdit()
  const previewOf = usePreview()
  const design = useAppSelector(selectDesign)
  const { slug, sheet } = part
  const wanted = cataloguedPart(part)
  const name = `${sheet.maker} ${sheet.model}`
  const apply: Edit = { do: 'fit', part: wanted, beside: false }
  const beside: Edit = { ...apply, beside: true }
  const shape = SHAPE[verdict]
  const there = fittedOfKind(design, sheet.kind).length
  const isOneMore = there < mostOf(design, sheet.kind)
  const mayStandBeside =
    there > 0 && verdict !== 'does not fit' && partKinds[sheet.kind].count === 'one or more'
  return (
    <li>
      <button
        type="button"
        data-offer
        data-part={slug}
        data-verdict={verdict}
        className={styles.offer}
        aria-current={isChosen}
        {...previewOf(apply)}
        onClick={() => {
          edit(apply)
        }}
      >
        <span className={styles.title}>{name}</span>
        <span className={styles.right}>{costWords(part)}</span>
        <span className={styles.wide}>
          <span className="soft">{partWords(sheet)}</span>
        </span>
        <span className={styles.wide}>
          {shape && <SeverityShape severity={shape} />} {isChosen ? 'chosen; ' : ''}
          {/* Of what a machine may have several, the verdict is on one more. */}
          {isChosen && isOneMore ? 'one more ' : ''}
          {verdict}
          {reason ? `: ${reason}` : ''}
        </span>
        {watts !== '' && (
          <span className={styles.wide}>
            <span className="soft">{watts}</span>
          </span>
        )}
      </button>
      {mayStandBeside && (
        <button
          type="button"
          className="plain-button"
          aria-label={`Add ${name} beside what is there`}
          {...previewOf(beside)}
          onClick={() => {
            edit(beside)
          }}
        >
          add beside what is there
        </button>
      )}
    </li>
  )
}
