import type { Evaluation, LimitStatus } from '@flint/core/figures'
import Popover from '@mui/material/Popover'
import Tooltip from '@mui/material/Tooltip'
import { useState } from 'react'
import {
  selectCheckpointEvaluation,
  selectEvaluatedDesign,
  selectEvaluation,
  selectIsBehind,
  selectPreviewEvaluation,
} from '../sheet/selectors'
import { useAppSelector } from '../store/hooks'
import { changeText } from './changeText'
import { barLimit, type LedgerFigure, ledgerFigures, limitOf } from './figures'
import { FindingsEntry } from './FindingsEntry'
import { LedgerNews } from './LedgerNews'
import { LimitBar } from './LimitBar'
import { LimitsEntry } from './LimitsEntry'
import { StillToChooseEntry } from './StillToChooseEntry'
import { Workings } from './Workings'
import styles from './ledger.module.css'

/** The figures along the bottom: always there, and of the design as it is as soon as that is worked out. */
export function Ledger() {
  const isBehind = useAppSelector(selectIsBehind)
  const [asked, setAsked] = useState<{ figure: LedgerFigure; anchor: HTMLElement } | null>(null)
  return (
    <section className={styles.ledger} aria-label="Ledger" aria-busy={isBehind}>
      {ledgerFigures.map((figure) => (
        <LedgerEntry
          key={figure.id}
          figure={figure}
          onAsk={(anchor) => {
            setAsked({ figure, anchor })
          }}
        />
      ))}
      <LedgerNews />
      <LimitsEntry />
      <StillToChooseEntry />
      <FindingsEntry />
      <Popover
        open={asked !== null}
        anchorEl={asked?.anchor ?? null}
        onClose={() => {
          setAsked(null)
        }}
        anchorOrigin={{ vertical: 'top', horizontal: 'left' }}
        transformOrigin={{ vertical: 'bottom', horizontal: 'left' }}
      >
        {asked && <Workings figure={asked.figure} />}
      </Popover>
    </section>
  )
}

function LedgerEntry({
  figure,
  onAsk,
}: {
  figure: LedgerFigure
  onAsk: (anchor: HTMLElement) => void
}) {
  const design = useAppSelector(selectEvaluatedDesign)
  const evaluation = useAppSelector(selectEvaluation)
  const preview = useAppSelector(selectPreviewEvaluation)
  const before = useAppSelector(selectCheckpointEvaluation)

  const { value, unit } = figure.value(evaluation)
  const amount = figure.amount(evaluation)
  const status = limitOf(evaluation, figure.limitId)?.status ?? null
  const would = preview && previewText(figure, evaluation, preview)
  const pointed = preview ? (figure.wouldBelow?.(evaluation, preview) ?? '') : ''
  const below = pointed === '' ? figure.below(design, evaluation) : pointed
  return (
    <Tooltip describeChild title={figure.hint} placement="top" enterDelay={600}>
      <button
        type="button"
        className={styles.figure}
        data-figure={figure.id}
        onClick={(event) => {
          onAsk(event.currentTarget)
        }}
      >
        <span className={styles.title}>
          {figure.title}
          {before && (
            <span className={styles.change}>{changeText(figure, before, evaluation)}</span>
          )}
        </span>
        <span className={styles.row}>
          <span className={styles.value} data-value={figure.id}>
            <ValueWords value={value} />
          </span>
          {unit && <span className={styles.unit}>{unit}</span>}
          {would && <span className={styles.preview}>→ {would}</span>}
        </span>
        <LimitBar
          amount={amount}
          limit={barLimit(evaluation, figure)}
          missed={status === 'missed'}
          preview={preview && figure.amount(preview)}
        />
        <span className={styles.below}>
          {status !== null && status !== 'kept' && (
            <span aria-hidden="true">{STATUS_MARKS[status]} </span>
          )}
          {below}
          {status !== null && status !== 'kept' && (
            <span className="only-for-readers"> (limit {status})</span>
          )}
        </span>
      </button>
    </Tooltip>
  )
}

/** What may be more says so in small letters: the figure itself has to find room. */
const LEAST = 'at least '

function ValueWords({ value }: { value: string }) {
  if (!value.startsWith(LEAST)) return value
  return (
    <>
      <span className={styles.least}>{LEAST}</span>
      {value.slice(LEAST.length)}
    </>
  )
}

/** Beside a figure whose limit is not kept for sure. */
const STATUS_MARKS: Record<Exclude<LimitStatus, 'kept'>, string> = {
  missed: '△',
  'may be missed': '△?',
  'not known': '?',
}

function previewText(figure: LedgerFigure, now: Evaluation, would: Evaluation): string {
  const current = figure.value(now)
  const next = figure.value(would)
  if (current.value === next.value && current.unit === next.unit) return ''
  return next.unit && next.unit !== current.unit ? `${next.value} ${next.unit}` : next.value
}
