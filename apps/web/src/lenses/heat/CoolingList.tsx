import { coolingWays } from '@flint/core/figures'
import { useMemo } from 'react'
import { useParts } from '../../api/useParts'
import { format } from '../../controls/locale'
import { selectDesign, selectMachine } from '../../sheet/selectors'
import { useEdit, usePreview } from '../../sheet/useEdit'
import { useAppSelector } from '../../store/hooks'
import tray from '../../tray/tray.module.css'
import { changeWords, wayWords } from './heatWords'
import styles from './heat.module.css'

/** So many are offered; they stand in the order of what they change. */
const MOST = 7

/** What would cool the drives or make the machine quieter, each with its kelvin, decibels and money. */
export function CoolingList() {
  const design = useAppSelector(selectDesign)
  const machine = useAppSelector(selectMachine)
  const { data } = useParts()
  const edit = useEdit()
  const preview = usePreview()
  const ways = useMemo(() => coolingWays(design, machine, data ?? []), [design, machine, data])
  const nameOf = new Map(
    (data ?? []).map(({ slug, sheet }) => [slug, `${sheet.maker} ${sheet.model}`]),
  )
  return (
    <section className={tray.section} aria-label="What would cool it">
      <h2>
        What would cool it, or quieten it
        <span className="aside">warmest drive, noise, money</span>
      </h2>
      {ways.length === 0 ? (
        <p className="soft">Nothing here changes a third of a kelvin, or half a decibel.</p>
      ) : (
        <ul className={tray.list} aria-label="Ways to cool it">
          {ways.slice(0, MOST).map((way) => {
            const { title, detail } = wayWords(way, nameOf.get(way.slug ?? ''))
            return (
              <li key={`${way.what} ${way.slug ?? ''}`}>
                <button
                  type="button"
                  className={tray.offer}
                  data-way={way.what}
                  {...preview(way.edit)}
                  onClick={() => {
                    edit(way.edit)
                  }}
                >
                  <span className={tray.title}>{title}</span>
                  <span className={tray.right}>
                    {way.costMinor === null
                      ? 'price not known'
                      : format.roundMoney(way.costMinor, design.brief.currency)}
                  </span>
                  <span className={tray.wide}>
                    <span className={styles.changes}>
                      {changeWords(way.kelvin, 'K', 1)} {changeWords(way.decibels, 'dB', 0)}
                    </span>{' '}
                    {detail}
                  </span>
                </button>
              </li>
            )
          })}
        </ul>
      )}
    </section>
  )
}
