import type { StoredPart } from '@flint/contract'
import { minorPerMajor } from '@flint/core/drawing'
import { CONDITIONS, type Condition, type Design, sheetName } from '@flint/core/editing'
import {
  driveOverYears,
  type DriveOverYears,
  failuresThatEven,
  type OfferedDrive,
} from '@flint/core/figures'
import { useState } from 'react'
import { usePriceFiguresQuery } from '../../api/api'
import { useParts } from '../../api/useParts'
import { format } from '../../controls/locale'
import { NumberField } from '../../controls/NumberField'
import { SmallChoice } from '../../controls/SmallChoice'
import { selectDesign } from '../../sheet/selectors'
import { useAppSelector } from '../../store/hooks'
import { evenWords } from './moneyWords'
import styles from './money.module.css'

/** A drive as a person puts it beside another. */
interface Offer {
  slug: string
  condition: Condition
  /** Null for what the price book or the catalogue has. */
  ownMinor: number | null
}

const MOST_MONEY = 100_000_000

/** A used drive against a new one, or any two, by the terabyte over the years. */
export function DriveOffersSection() {
  const design = useAppSelector(selectDesign)
  const { data: parts = [] } = useParts()
  const drives = parts.filter(({ sheet }) => sheet.kind === 'drive')
  const first =
    design.snapshots.find(({ sheet, slug }) => sheet.kind === 'drive' && slug !== null)?.slug ??
    drives[0]?.slug
  if (drives.length === 0 || first === undefined) return null
  return <TwoOffers key={first} drives={drives} first={first} design={design} />
}

interface TwoOffersProps {
  drives: readonly StoredPart[]
  first: string
  design: Design
}

function TwoOffers({ drives, first, design }: TwoOffersProps) {
  const [one, setOne] = useState<Offer>({ slug: first, condition: 'new', ownMinor: null })
  const [other, setOther] = useState<Offer>({ slug: first, condition: 'used', ownMinor: null })
  const offers = [
    { offer: one, change: setOne, told: useOffered(one, drives, design), word: 'One' },
    { offer: other, change: setOther, told: useOffered(other, drives, design), word: 'The other' },
  ] as const
  const { brief, money } = design
  const assumed = money.ownership
  const figures = offers.map(({ told }) => told && driveOverYears(told, assumed, brief))
  const rows: [label: string, of: (figure: DriveOverYears) => number | null][] = [
    ['bought', ({ boughtPerTerabyte }) => boughtPerTerabyte],
    ['drives that fail, bought again', ({ replacedPerTerabyte }) => replacedPerTerabyte],
    ['power', ({ powerPerTerabyte }) => powerPerTerabyte],
    ['together', ({ totalPerTerabyte }) => totalPerTerabyte],
  ]
  const shown = (
    figure: DriveOverYears | null | undefined,
    of: (typeof rows)[number][1],
  ): string => {
    const minor = figure ? of(figure) : null
    return minor === null ? 'not known' : format.money(Math.round(minor), brief.currency)
  }
  const [told, otherTold] = [offers[0].told, offers[1].told]
  return (
    <section aria-label="Drive against drive">
      <h2>
        Drive against drive
        <span className="aside">a TB over {format.counted(assumed.years, 'year')}</span>
      </h2>
      <div className={styles.offers}>
        {offers.map(({ offer, change, told: known, word }) => (
          <div key={word} role="group" aria-label={word} className={styles.fields}>
            <SmallChoice
              label={`${word}: drive`}
              width={210}
              value={offer.slug}
              options={drives.map(({ slug, sheet }) => ({ value: slug, text: sheetName(sheet) }))}
              onChange={(slug) => {
                change({ ...offer, slug, ownMinor: null })
              }}
            />
            <SmallChoice
              label={`${word}: condition`}
              width={150}
              value={offer.condition}
              options={CONDITIONS.map((value) => ({ value, text: value }))}
              onChange={(value) => {
                const condition = CONDITIONS.find((each) => each === value) ?? 'new'
                change({ ...offer, condition, ownMinor: null })
              }}
            />
            <NumberField
              label={`${word}: price with shipping`}
              unit={brief.currency}
              optional
              min={0}
              max={MOST_MONEY}
              width={190}
              fixedDigits={Math.round(Math.log10(minorPerMajor(brief.currency)))}
              value={known === null ? null : known.priceMinor / minorPerMajor(brief.currency)}
              onChange={(value) => {
                const ownMinor =
                  value === null ? null : Math.round(value * minorPerMajor(brief.currency))
                change({ ...offer, ownMinor })
              }}
            />
          </div>
        ))}
      </div>
      <table className="lined">
        <thead>
          <tr>
            <td />
            <th scope="col">One</th>
            <th scope="col">The other</th>
          </tr>
        </thead>
        <tbody>
          {rows.map(([label, of]) => (
            <tr key={label}>
              <th scope="row">A TB, {label}</th>
              {figures.map((figure, index) => (
                <td key={index} className={styles.sum}>
                  {shown(figure, of)}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
      <p role="status">
        {told && otherTold
          ? evenWords(failuresThatEven(otherTold, told, assumed, brief), otherTold.failuresPercent)
          : 'A price is not known; write one, or note it in the price book.'}
      </p>
      <p className="soft">
        Of a hundred drives {format.number(assumed.newFailuresPercent, 1)} new and{' '}
        {format.number(assumed.usedFailuresPercent, 1)} used ones are taken to fail in a year, as
        “Over the years” says. Time, lost data and warranties are not counted, and watts are those
        of the drive alone.
      </p>
    </section>
  )
}

/** An offer with its price: one's own, else the last of the price book in that state, else that of the catalogue for a new one. */
function useOffered(
  { slug, condition, ownMinor }: Offer,
  drives: readonly StoredPart[],
  { brief, money }: Design,
): OfferedDrive | null {
  const { data } = usePriceFiguresQuery({ slug, currency: brief.currency })
  const drive = drives.find((one) => one.slug === slug)
  if (drive?.sheet.kind !== 'drive') return null
  const { sheet, price } = drive
  const asked =
    condition === 'new' && price?.currency === brief.currency
      ? price.unitMinor + (price.shippingMinor ?? 0)
      : null
  const last = data?.of.find((one) => one.condition === condition)?.figures?.last
  const seen = last ? last.unitMinor + (last.shippingMinor ?? 0) : null
  const priceMinor = ownMinor ?? seen ?? asked
  if (priceMinor === null) return null
  const { newFailuresPercent, usedFailuresPercent } = money.ownership
  return {
    priceMinor,
    bytes: sheet.capacityBytes,
    idleWatts: sheet.idleWatts,
    failuresPercent: condition === 'new' ? newFailuresPercent : usedFailuresPercent,
  }
}
