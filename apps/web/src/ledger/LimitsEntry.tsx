import type { AnyJudgedLimit, LimitStatus } from '@flint/core/figures'
import { useState } from 'react'
import { LimitList } from '../limits/LimitList'
import { selectLimits, selectPreviewEvaluation } from '../sheet/selectors'
import { useAppSelector } from '../store/hooks'
import { LedgerPopover } from './LedgerPopover'
import styles from './ledger.module.css'

/** How many limits of the brief are kept, those included that no figure of its own stands for. */
export function LimitsEntry() {
  const limits = useAppSelector(selectLimits)
  const preview = useAppSelector(selectPreviewEvaluation)
  const [anchor, setAnchor] = useState<HTMLElement | null>(null)
  const close = (): void => {
    setAnchor(null)
  }
  const words = keptWords(limits)
  const titles = (status: LimitStatus): string =>
    limits
      .filter((limit) => limit.status === status)
      .map(({ title }) => title.toLowerCase())
      .join(', ')
  const [missed, maybe] = [titles('missed'), titles('may be missed')]
  const open = limits.filter(({ status }) => status === 'not known').length
  const below =
    limits.length === 0
      ? 'set them in the brief'
      : missed
        ? `missed: ${missed}`
        : maybe
          ? `may be missed: ${maybe}`
          : open > 0
            ? `${open} not known`
            : 'all of the brief'
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
            {words}
          </span>
          {preview && keptWords(preview.limits) !== words && (
            <span className={styles.preview}>→ {keptWords(preview.limits)}</span>
          )}
        </span>
        <span className={styles.below} style={{ marginTop: 'auto' }} title={below}>
          {missed && <span aria-hidden="true">△ </span>}
          {below}
        </span>
      </button>
      <LedgerPopover title="Limits of the brief" anchor={anchor} onClose={close}>
        <LimitList limits={limits} />
      </LedgerPopover>
    </>
  )
}

function keptWords(limits: readonly Pick<AnyJudgedLimit, 'status'>[]): string {
  const kept = limits.filter(({ status }) => status === 'kept').length
  return limits.length === 0 ? 'none set' : `${kept} of ${limits.length}`
}
