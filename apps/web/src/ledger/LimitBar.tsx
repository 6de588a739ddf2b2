import styles from './ledger.module.css'

interface LimitBarProps {
  amount: number | null
  limit: number | null
  preview: number | null
  missed: boolean
}

/** The bar reaches beyond the limit, so that a figure over it is seen to be over it. */
const LIMIT_AT = 0.8

/** A figure against the brief's limit. Missing it shows in the hatch, not in a colour alone. */
export function LimitBar({ amount, limit, preview, missed }: LimitBarProps) {
  if (amount === null || limit === null || limit === 0) return null
  const share = (value: number): string => `${Math.min(1, (value / limit) * LIMIT_AT) * 100}%`
  return (
    <span className={styles.bar} aria-hidden="true">
      <span
        className={missed ? `${styles.fill} ${styles.missed}` : styles.fill}
        style={{ width: share(amount), display: 'block' }}
      />
      <span className={styles.mark} style={{ left: `${LIMIT_AT * 100}%` }} />
      {preview !== null && (
        <span className={styles.previewFill} style={{ width: share(preview) }} />
      )}
    </span>
  )
}
