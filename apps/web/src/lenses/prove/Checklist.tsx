import { BENCH_STAGES, benchSteps, benchStepWords } from '@flint/core/figures'
import { useMemo } from 'react'
import { format } from '../../controls/locale'
import { TextLine } from '../../controls/TextLine'
import { SeverityShape } from '../../controls/SeverityShape'
import { selectDesign, selectDesignId, selectMachine, selectWords } from '../../sheet/selectors'
import { useEdit } from '../../sheet/useEdit'
import { useAppSelector } from '../../store/hooks'
import tray from '../../tray/tray.module.css'
import styles from './prove.module.css'

/** What is to be done at the bench to build this design, ticked off with its time. */
export function Checklist() {
  const design = useAppSelector(selectDesign)
  const machine = useAppSelector(selectMachine)
  const words = useAppSelector(selectWords)
  const designId = useAppSelector(selectDesignId)
  const edit = useEdit()
  const steps = useMemo(
    () => benchSteps({ brief: design.brief, pools: design.pools }, machine),
    [design.brief, design.pools, machine],
  )
  const ticks = new Map(design.bench.ticks.map((tick) => [tick.step, tick]))
  const done = steps.filter(({ id }) => ticks.has(id)).length
  return (
    <section className={tray.section} aria-label="Checklist">
      <h2>
        At the bench
        <span className="aside">
          {format.number(done)} of {format.counted(steps.length, 'step')}
        </span>
      </h2>
      <p>
        <a href={`/api/designs/${designId}/labels.pdf`} download>
          Labels as PDF
        </a>{' '}
        <span className="soft">for sheets of 24, 70 × 37 mm</span>
      </p>
      {BENCH_STAGES.map((stage) => {
        const those = steps.filter((step) => step.stage === stage)
        if (those.length === 0) return null
        const left = those.filter(({ id }) => !ticks.has(id)).length
        return (
          <details key={stage} open={left > 0 && left < those.length}>
            <summary className={styles.stage}>
              {stage}
              <span className="soft">{left === 0 ? ' done' : ` ${format.number(left)} to do`}</span>
            </summary>
            <ul className={styles.steps}>
              {those.map(({ id, task }) => {
                const { title, why, caution } = benchStepWords(task, words)
                const tick = ticks.get(id)
                return (
                  <li key={id}>
                    <label className={styles.step}>
                      <input
                        type="checkbox"
                        checked={tick !== undefined}
                        onChange={({ target }) => {
                          const at = new Date().toISOString()
                          edit({
                            do: 'tick-step',
                            step: id,
                            tick: target.checked ? { at, note: '' } : null,
                          })
                        }}
                      />
                      <span>
                        {title}
                        {tick && (
                          <span className="soft">
                            {' '}
                            {new Date(tick.at).toLocaleString(format.locale)}
                          </span>
                        )}
                      </span>
                    </label>
                    <p className={styles.why}>{why}</p>
                    {tick && (
                      <div className={styles.note}>
                        <TextLine
                          label={`Note: ${title}`}
                          maxLength={400}
                          value={tick.note}
                          onChange={(note) => {
                            edit({ do: 'tick-step', step: id, tick: { at: tick.at, note } }, true)
                          }}
                        />
                      </div>
                    )}
                    {caution !== '' && (
                      <p className={styles.caution}>
                        <SeverityShape severity="risks" /> {caution}
                      </p>
                    )}
                  </li>
                )
              })}
            </ul>
          </details>
        )
      })}
    </section>
  )
}
