import type { StoredPart } from '@flint/contract'
import {
  type DesignDocument,
  fitPart,
  fittedOfKind,
  fitVerdict,
  type PartKind,
  type Verdict,
} from '@flint/core'
import { useMemo, useState } from 'react'
import { usePartsQuery } from '../api/api'
import { LOCALE, say } from '../controls/locale'
import { selectDocument } from '../sheet/selectors'
import { useEdit, usePreview } from '../sheet/useEdit'
import { useAppSelector } from '../store/hooks'
import { FindOffers, hasAllWords } from './FindOffers'
import { partWords } from './partWords'
import { SeverityShape } from './SeverityShape'
import { walkOffers } from './walkOffers'
import styles from './tray.module.css'

const RANK: Record<Verdict, number> = { fits: 0, 'fits with changes': 1, 'does not fit': 2 }
const SHAPE = { fits: null, 'fits with changes': 'risks', 'does not fit': 'blocks' } as const

interface PartOffersProps {
  kinds: readonly PartKind[]
  /** What one of them is called here: "chassis", "card". */
  noun: string
}

/** Parts of the catalogue that could be chosen here: what fits first, each with its reason. */
export function PartOffers({ kinds, noun }: PartOffersProps) {
  const document = useAppSelector(selectDocument)
  const { data } = usePartsQuery()
  const [words, setWords] = useState('')
  const chosen = useMemo(
    () =>
      new Set(
        kinds.flatMap((kind) => fittedOfKind(document, kind).map(({ part }) => part.snapshotId)),
      ),
    [document, kinds],
  )
  const offers = useMemo(() => {
    return (data ?? [])
      .filter(({ sheet }) => kinds.includes(sheet.kind))
      .filter(({ sheet }) =>
        hasAllWords(`${sheet.maker} ${sheet.model} ${partWords(sheet)}`, words),
      )
      .map((part) => ({ part, ...fitVerdict(document, part, LOCALE) }))
      .sort((one, other) => RANK[one.verdict] - RANK[other.verdict])
  }, [data, document, kinds, words])
  const isChosen = ({ slug, version }: StoredPart): boolean =>
    document.snapshots.some(
      (snapshot) =>
        snapshot.slug === slug && snapshot.catalogueVersion === version && chosen.has(snapshot.id),
    )
  return (
    <>
      <FindOffers
        noun={noun}
        placeholder={`Find a ${noun}`}
        words={words}
        onWords={setWords}
        found={offers.length}
        onLeave={(field) => {
          field.blur()
        }}
      />
      <ul className={styles.list} onKeyDown={walkOffers} aria-label={`Offers: ${noun}`}>
        {offers.map(({ part, verdict, reason }) => (
          <Offer
            key={part.slug}
            part={part}
            verdict={verdict}
            reason={reason}
            isChosen={isChosen(part)}
          />
        ))}
      </ul>
    </>
  )
}

interface OfferProps {
  part: StoredPart
  verdict: Verdict
  reason: string
  isChosen: boolean
}

function Offer({ part, verdict, reason, isChosen }: OfferProps) {
  const edit = useEdit()
  const previewOf = usePreview()
  const { slug, version, sheet } = part
  const apply = (before: DesignDocument): DesignDocument =>
    fitPart(before, { slug, version, sheet })
  const shape = SHAPE[verdict]
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
          edit(`choose ${sheet.maker} ${sheet.model}`, apply)
        }}
      >
        <span className={styles.title}>
          {sheet.maker} {sheet.model}
        </span>
        <span className={styles.right}>
          {sheet.price ? say.roundMoney(sheet.price.unitMinor, sheet.price.currency) : ''}
        </span>
        <span className={styles.wide}>
          <span className="soft">{partWords(sheet)}</span>
        </span>
        <span className={styles.wide}>
          {shape && <SeverityShape severity={shape} />} {isChosen ? 'chosen; ' : ''}
          {verdict}
          {reason ? `: ${reason}` : ''}
        </span>
      </button>
    </li>
  )
}
