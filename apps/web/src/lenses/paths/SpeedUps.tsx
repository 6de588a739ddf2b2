import type { CataloguePart } from '@flint/core/editing'
import { type Scenario, type ScenarioChoice, type SpeedUp, speedUpEdit } from '@flint/core/figures'
import { useParts } from '../../api/useParts'
import { format } from '../../controls/locale'
import { selectDesign } from '../../sheet/selectors'
import { useEdit, usePreview } from '../../sheet/useEdit'
import { useAppSelector } from '../../store/hooks'
import tray from '../../tray/tray.module.css'
import { useSpeedUps } from './useSpeedUps'

interface SpeedUpsProps {
  scenario: Scenario
  choice: ScenarioChoice
}

/** Other slots, cables and cards that would make the chosen work quicker, and by how much. */
export function SpeedUps({ scenario, choice }: SpeedUpsProps) {
  const design = useAppSelector(selectDesign)
  const { data: parts } = useParts()
  const { speedUps, failed } = useSpeedUps(design, scenario.id, choice, parts)
  const edit = useEdit()
  const preview = usePreview()
  return (
    <section className={tray.section}>
      <h2>What would make it faster</h2>
      {failed && <p>It could not be worked out. What is drawn still holds.</p>}
      {speedUps?.length === 0 && (
        <p className="soft">
          No other slot, cable, controller or network card makes {scenario.title.toLowerCase()}{' '}
          quicker.
        </p>
      )}
      <ul className={tray.list}>
        {speedUps?.map(({ change, words, bytesPerSecond, factor }) => {
          const apply = speedUpEdit({ change, words }, parts ?? [])
          return (
            <li key={words}>
              <button
                type="button"
                className={tray.offer}
                {...preview(apply)}
                onClick={() => {
                  if (apply) edit(apply)
                }}
              >
                <span className={tray.title}>{words}</span>
                <span className={tray.right}>× {format.number(factor, 1)}</span>
                <span className={tray.detail}>{format.rate(bytesPerSecond)} together</span>
                <span className={tray.detailRight}>{priceOf(change, parts)}</span>
              </button>
            </li>
          )
        })}
      </ul>
    </section>
  )
}

/** What it costs, when something must be bought. */
function priceOf(change: SpeedUp['change'], parts: readonly CataloguePart[] | undefined): string {
  if (!('slug' in change)) return 'nothing to buy'
  const price = parts?.find(({ slug }) => slug === change.slug)?.price
  return price ? format.money(price.unitMinor, price.currency) : 'price not known'
}
