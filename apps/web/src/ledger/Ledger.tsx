import type { Evaluation, LimitStatus } from '@flint/core/figures'
import Popover from '@mui/material/Popover'
import Tooltip from '@mui/material/Tooltip'
import { memo, useState } from 'react'
import {
  selectCheckpointEvaluation,
  selectEvaluatedDesign,
  selectEvaluation,
  selectIsBehind,
  selectPreviewEvaluation,
} from '../sheet/selectors'
import { useAppSelector } from '../store/hooks'
import { changeText } from './changeText'
import { type LedgerFigure, ledgerFigures, limitOf } from './figures'
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
  return (
    <section className={styles.ledger} aria-label="Ledger" aria-busy={isBehind}>
      <Entries />
    </section>
  )
}

/** Apart from whether they are behind, which changes with every key and is none of their matter. */
const Entries = memo(function Entries() {
  const [asked, setAsked] = useState<Asked | null>(null)
  return (
    <>
      {ledgerFigures.map((figure) => (
        <LedgerEntry key={figure.id} figure={figure} onAsk={setAsked} />
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
    </>
  )
})

interface Asked {
  figure: LedgerFigure
  anchor: HTMLElement
}

interface LedgerEntryProps {
  figure: LedgerFigure
  onAsk: (asked: Asked) => void
}

function LedgerEntry({ figure, onAsk }: LedgerEntryProps) {
  const evaluation = useAppSelector(selectEvaluation)
  const before = useAppSelector(selectCheckpointEvaluation)
  const { value, unit } = figure.value(evaluation)
  return (
    <LedgerButton
      figure={figure}
      value={value}
      unit={unit}
      change={before ? changeText(figure, before, evaluation) : null}
      onAsk={onAsk}
    />
  )
}

interface LedgerButtonProps extends LedgerEntryProps {
  value: string
  unit: string
  /** Since the checkpoint; null while there is none. */
  change: string | null
}

/**
 * One figure with all that is said of it. What follows the pointer is drawn by parts of its own, so that pointing at
 * something draws no more than that.
 */
const LedgerButton = memo(function LedgerButton({
  figure,
  value,
  unit,
  change,
  onAsk,
}: LedgerButtonProps) {
  return (
    <Tooltip describeChild title={figure.hint} placement="top" enterDelay={600}>
      <button
        type="button"
        className={styles.figure}
        data-figure={figure.id}
        onClick={(event) => {
          onAsk({ figure, anchor: event.currentTarget })
        }}
      >
        <span className={styles.title}>
          {figure.title}
          {change !== null && <span className={styles.change}>{change}</span>}
        </span>
        <span className={styles.row}>
          <span className={styles.value} data-value={figure.id}>
            <ValueWords value={value} />
          </span>
          {unit && <span className={styles.unit}>{unit}</span>}
          <Would figure={figure} />
        </span>
        <LimitBar figure={figure} />
        <Below figure={figure} />
      </button>
    </Tooltip>
  )
})

interface FigureProps {
  figure: LedgerFigure
}

/** What it would become with what is pointed at. */
function Would({ figure }: FigureProps) {
  const would = useAppSelector((state) => {
    const preview = selectPreviewEvaluation(state)
    return preview && previewText(figure, selectEvaluation(state), preview)
  })
  return would !== null ? <span className={styles.preview}>→ {would}</span> : null
}

/** What more there is to say, and how it stands to its limit. */
function Below({ figure }: FigureProps) {
  const status = useAppSelector(
    (state) => limitOf(selectEvaluation(state), figure.limitId)?.status ?? null,
  )
  const words = useAppSelector((state) => {
    const evaluation = selectEvaluation(state)
    const preview = selectPreviewEvaluation(state)
    const pointed = preview ? (figure.wouldBelow?.(evaluation, preview) ?? '') : ''
    return pointed === '' ? figure.below(selectEvaluatedDesign(state), evaluation) : pointed
  })
  return (
    <span className={styles.below}>
      {status !== null && status !== 'kept' && (
        <span aria-hidden="true">{STATUS_MARKS[status]} </span>
      )}
      {words}
      {status !== null && status !== 'kept' && (
        <span className="only-for-readers"> (limit {status})</span>
      )}
    </span>
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

/** Null where it would stay what it is. */
function previewText(figure: LedgerFigure, now: Evaluation, would: Evaluation): string | null {
  const current = figure.value(now)
  const next = figure.value(would)
  if (current.value === next.value && current.unit === next.unit) return null
  return next.unit && next.unit !== current.unit ? `${next.value} ${next.unit}` : next.value
}
