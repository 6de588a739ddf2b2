import type { Evaluation, JudgedLimit, Severity } from '@flint/core/figures'
import Popover from '@mui/material/Popover'
import Tooltip from '@mui/material/Tooltip'
import { useState } from 'react'
import { format } from '../controls/locale'
import { LimitList } from '../limits/LimitList'
import {
  selectCheckpointEvaluation,
  selectDesign,
  selectEvaluation,
  selectPreviewEvaluation,
} from '../sheet/selectors'
import { useAppSelector } from '../store/hooks'
import { changeText } from './changeText'
import { keepsLimit, type LedgerFigure, ledgerFigures } from './figures'
import { LimitBar } from './LimitBar'
import { Workings } from './Workings'
import styles from './ledger.module.css'
import workings from './workings.module.css'

/** The figures along the bottom: always there, always of the design as it is now. */
export function Ledger() {
  const [asked, setAsked] = useState<{ figure: LedgerFigure; anchor: HTMLElement } | null>(null)
  return (
    <section className={styles.ledger} aria-label="Ledger">
      {ledgerFigures.map((figure) => (
        <LedgerEntry
          key={figure.id}
          figure={figure}
          onAsk={(anchor) => {
            setAsked({ figure, anchor })
          }}
        />
      ))}
      <LimitsEntry />
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
  const design = useAppSelector(selectDesign)
  const evaluation = useAppSelector(selectEvaluation)
  const preview = useAppSelector(selectPreviewEvaluation)
  const before = useAppSelector(selectCheckpointEvaluation)

  const { value, unit } = figure.value(evaluation)
  const amount = figure.amount(evaluation)
  const limit = figure.limit(design, evaluation)
  const missed = keepsLimit(figure, amount, limit) === false
  const would = preview && previewText(figure, evaluation, preview)
  return (
    <Tooltip title={figure.hint} placement="top" enterDelay={600}>
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
            {value}
          </span>
          {unit && <span className={styles.unit}>{unit}</span>}
          {would && <span className={styles.preview}>→ {would}</span>}
        </span>
        <LimitBar
          amount={amount}
          limit={limit}
          missed={missed}
          preview={preview && figure.amount(preview)}
        />
        <span className={styles.below}>
          {missed && <span aria-hidden="true">△ </span>}
          {figure.below(design, evaluation)}
          {missed && <span className="only-for-readers"> (limit missed)</span>}
        </span>
      </button>
    </Tooltip>
  )
}

function previewText(figure: LedgerFigure, now: Evaluation, would: Evaluation): string {
  const current = figure.value(now)
  const next = figure.value(would)
  if (current.value === next.value && current.unit === next.unit) return ''
  return next.unit && next.unit !== current.unit ? `${next.value} ${next.unit}` : next.value
}

/** The limits of the brief that no figure of its own stands for, and those too: how many are kept. */
function LimitsEntry() {
  const { limits } = useAppSelector(selectEvaluation)
  const preview = useAppSelector(selectPreviewEvaluation)
  const [anchor, setAnchor] = useState<HTMLElement | null>(null)
  const kept = keptOf(limits)
  const missed = limits.filter(({ standing }) => standing === 'missed')
  const open = limits.length - kept - missed.length
  return (
    <>
      <button
        type="button"
        className={styles.figure}
        onClick={({ currentTarget }) => {
          setAnchor(currentTarget)
        }}
      >
        <span className={styles.title}>limits kept</span>
        <span className={styles.row}>
          <span className={styles.value} data-value="limits">
            {keptWords(limits)}
          </span>
          {preview && keptWords(preview.limits) !== keptWords(limits) && (
            <span className={styles.preview}>→ {keptWords(preview.limits)}</span>
          )}
        </span>
        <span className={styles.below} style={{ marginTop: 'auto' }}>
          {missed.length > 0 && <span aria-hidden="true">△ </span>}
          {missed.length > 0
            ? `missed: ${missed.map(({ title }) => title.toLowerCase()).join(', ')}`
            : open > 0
              ? `${open} not known`
              : limits.length > 0
                ? 'all of the brief'
                : 'set them in the brief'}
        </span>
      </button>
      <Popover
        open={anchor !== null}
        anchorEl={anchor}
        onClose={() => {
          setAnchor(null)
        }}
        anchorOrigin={{ vertical: 'top', horizontal: 'right' }}
        transformOrigin={{ vertical: 'bottom', horizontal: 'right' }}
      >
        <div className={workings.workings} role="dialog" aria-label="Limits of the brief">
          <h2>Limits of the brief</h2>
          <LimitList limits={limits} />
        </div>
      </Popover>
    </>
  )
}

const keptOf = (limits: readonly JudgedLimit[]): number =>
  limits.filter(({ standing }) => standing === 'kept').length

const keptWords = (limits: readonly JudgedLimit[]): string =>
  limits.length === 0 ? 'none set' : `${keptOf(limits)} of ${limits.length}`

function FindingsEntry() {
  const { findings } = useAppSelector(selectEvaluation)
  const preview = useAppSelector(selectPreviewEvaluation)
  const count = (severity: Severity): number =>
    findings.filter((finding) => finding.severity === severity).length
  const wouldBe = preview && preview.findings.length !== findings.length
  return (
    <button
      type="button"
      className={styles.figure}
      onClick={() => {
        document.getElementById('findings')?.focus()
      }}
    >
      <span className={styles.title}>findings</span>
      <span className={styles.row}>
        <span className={styles.value} data-value="findings">
          {findings.length === 0 ? 'none' : format.number(findings.length)}
        </span>
        {wouldBe && <span className={styles.preview}>→ {preview.findings.length}</span>}
      </span>
      <span className={styles.below} style={{ marginTop: 'auto' }}>
        {count('blocks')} block · {count('risks')} risk · {count('note')} note
      </span>
    </button>
  )
}
