import {
  applyWidening,
  type CataloguePart,
  type DesignDocument,
  type Scenario,
  type ScenarioChoice,
  type Widening,
} from '@flint/core'
import { useParts } from '../../api/useParts'
import { say } from '../../controls/locale'
import { selectDocument } from '../../sheet/selectors'
import { useEdit, usePreview } from '../../sheet/useEdit'
import { useAppSelector } from '../../store/hooks'
import tray from '../../tray/tray.module.css'
import { useWidenings } from './useWidenings'

interface WideningsProps {
  scenario: Scenario
  choice: ScenarioChoice
}

/** Other slots, cables and cards that would make the chosen work quicker, and by how much. */
export function Widenings({ scenario, choice }: WideningsProps) {
  const document = useAppSelector(selectDocument)
  const { data: parts } = useParts()
  const { widenings, failed } = useWidenings(document, scenario.id, choice, parts)
  const edit = useEdit()
  const preview = usePreview()
  return (
    <section className={tray.section}>
      <h2>What would widen it</h2>
      {failed && <p>It could not be worked out. What is drawn still holds.</p>}
      {widenings?.length === 0 && (
        <p className="soft">
          No other slot, cable, controller or network card makes {scenario.title.toLowerCase()}{' '}
          quicker.
        </p>
      )}
      <ul className={tray.list}>
        {widenings?.map(({ change, words, bytesPerSecond, factor }) => {
          const apply = (before: DesignDocument): DesignDocument =>
            applyWidening(before, change, parts ?? [])
          return (
            <li key={words}>
              <button
                type="button"
                className={tray.offer}
                {...preview(apply)}
                onClick={() => {
                  edit(words, apply)
                }}
              >
                <span className={tray.title}>{words}</span>
                <span className={tray.right}>× {say.number(factor, 1)}</span>
                <span className={tray.detail}>{say.rate(bytesPerSecond)} together</span>
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
function priceOf(change: Widening['change'], parts: readonly CataloguePart[] | undefined): string {
  if (!('slug' in change)) return 'nothing to buy'
  const sheet = parts?.find(({ slug }) => slug === change.slug)?.sheet
  return sheet?.price ? say.money(sheet.price.unitMinor, sheet.price.currency) : 'price not known'
}
