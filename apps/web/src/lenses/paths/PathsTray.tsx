import { cardsOf } from '@flint/core'
import { say } from '../../controls/locale'
import { selectDocument, selectPlacements } from '../../sheet/selectors'
import { useAppSelector } from '../../store/hooks'
import { Findings } from '../../tray/Findings'
import tray from '../../tray/tray.module.css'
import styles from './paths.module.css'

/** Where the cards go best, and the next ways with what each trades. */
export function PathsTray() {
  const document = useAppSelector(selectDocument)
  const placements = useAppSelector(selectPlacements)
  const nameOf = (id: string): string =>
    cardsOf(document).find(({ part }) => part.id === id)?.sheet.model ?? id
  const [best, ...others] = placements
  return (
    <>
      <section className={tray.section}>
        <h2>Where the cards go</h2>
        {!best && (
          <p className="soft">
            No board, or its slots are not known, so cards have no place and no rate.
          </p>
        )}
        {best?.placed.length === 0 && <p className="soft">No card wants a slot.</p>}
        {best && best.placed.length > 0 && (
          <p className="soft">
            Of all ways, this leaves fewest cards out, then fewest short of what they need, then
            fewest on the chipset.
          </p>
        )}
        <ol className={styles.placements}>
          {[best, ...others].map(
            (placement, index) =>
              placement &&
              placement.placed.length > 0 && (
                <li key={placement.placed.map(({ cardId, slot }) => `${cardId} ${slot}`).join()}>
                  <h3>{index === 0 ? 'Best' : `Another way, ${index}`}</h3>
                  {placement.placed.map(({ cardId, slot, lanes, pcieGeneration, ...rates }) => (
                    <p key={cardId}>
                      {nameOf(cardId)} in slot {slot + 1}: ×{lanes} of generation {pcieGeneration},{' '}
                      <span className="figure">{say.rate(rates.bytesPerSecond)}</span>
                      {rates.shortBytesPerSecond > 0 &&
                        `, ${say.rate(rates.shortBytesPerSecond)} short`}
                    </p>
                  ))}
                  {placement.leftIds.length > 0 && (
                    <p>No slot for {placement.leftIds.map(nameOf).join(' and ')}.</p>
                  )}
                </li>
              ),
          )}
        </ol>
      </section>
      <Findings />
    </>
  )
}
