import type { PartUse } from '@flint/contract'
import type { Design } from '@flint/core/editing'
import type { PriceEffect } from '@flint/core/figures'
import type { Remote } from 'comlink'
import { useCallback, useEffect, useState } from 'react'
import { Link } from 'react-router'
import { api } from '../api/api'
import { format } from '../controls/locale'
import { useAppDispatch } from '../store/hooks'
import { useWorkerAnswer } from '../workers/useWorkerAnswer'
import { effectWords } from './priceWords'
import type { EffectTeller } from './priceEffectWorker'
import styles from './prices.module.css'

/** Designs that are worked out; each means working it out twice. */
const MOST_DESIGNS = 20

interface PriceEffectsProps {
  slug: string
  uses: readonly PartUse[]
  /** The price of one, with shipping. */
  price: { currency: string; unitMinor: number }
}

/** Which designs that have the part would cost less, or come under their budget, at a price. */
export function PriceEffects({ slug, uses, price }: PriceEffectsProps) {
  const { currency, unitMinor } = price
  const designs = useDesigns(uses)
  const ask = useCallback(
    (teller: Remote<EffectTeller>) => teller.effects(designs, slug, { currency, unitMinor }),
    [designs, slug, currency, unitMinor],
  )
  const { answer, failed } = useWorkerAnswer<EffectTeller, (PriceEffect | null)[]>(startWorker, ask)
  if (failed) return <p role="alert">What it would change cannot be worked out.</p>
  return (
    <section aria-label="What that price would change">
      <h3>At {format.money(unitMinor, currency)} each, with shipping</h3>
      <table className="lined">
        <thead>
          <tr>
            <th scope="col">Design</th>
            <th scope="col">Pieces to buy</th>
            <th scope="col">Now</th>
            <th scope="col">Then</th>
            <th scope="col">Budget</th>
          </tr>
        </thead>
        <tbody>
          {uses.slice(0, MOST_DESIGNS).map(({ id, name, pieces }, index) => {
            const effect = answer?.[index]
            const own = designs[index]?.brief.currency ?? currency
            return (
              <tr key={id}>
                <th scope="row">
                  <Link to={`/designs/${id}/money`}>{name}</Link>
                </th>
                <td className={styles.money}>
                  {effect ? format.number(effect.pieces) : format.number(pieces)}
                </td>
                {effect ? (
                  <>
                    <td className={styles.money}>{format.money(effect.now.totalMinor, own)}</td>
                    <td className={styles.money}>{format.money(effect.then.totalMinor, own)}</td>
                    <td>{effectWords(effect, own)}</td>
                  </>
                ) : (
                  <td colSpan={3} className="soft">
                    {answer === null ? 'Working it out …' : 'buys none of it by itself'}
                  </td>
                )}
              </tr>
            )
          })}
        </tbody>
      </table>
      {uses.length > MOST_DESIGNS && (
        <p className="soft">
          The first {MOST_DESIGNS} of {format.number(uses.length)} designs.
        </p>
      )}
      <p className="soft">No design changes by itself: a price is taken over in its lens Money.</p>
    </section>
  )
}

/** The documents of the designs that have it, in their order; empty until all of them are there. */
function useDesigns(uses: readonly PartUse[]): Design[] {
  const dispatch = useAppDispatch()
  const [designs, setDesigns] = useState<Design[]>([])
  useEffect(() => {
    let isWanted = true
    const asked = uses
      .slice(0, MOST_DESIGNS)
      .map(({ id }) => dispatch(api.endpoints.design.initiate(id)))
    void Promise.all(asked).then((answers) => {
      const read = answers.flatMap(({ data }) => data?.document ?? [])
      if (isWanted && read.length === asked.length) setDesigns(read)
    })
    return () => {
      isWanted = false
      for (const one of asked) one.unsubscribe()
    }
  }, [dispatch, uses])
  return designs
}

const startWorker = (): Worker =>
  new Worker(new URL('./priceEffectWorker.ts', import.meta.url), { type: 'module' })
