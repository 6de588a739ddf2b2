import type { RootState } from '../store/store'
import { useAppSelector } from '../store/hooks'
import styles from './ledger.module.css'

interface LedgerCountProps {
  /** How tests and scripts find its value. */
  id: string
  title: string
  value: string
  /** What it would become with what is pointed at; null where that changes nothing. */
  selectWould: (state: RootState) => string | null
  below: string
  missed?: boolean
  onClick: (anchor: HTMLElement) => void
}

/** An entry of the ledger that counts, without a bar. */
export function LedgerCount({
  id,
  title,
  value,
  selectWould,
  below,
  missed = false,
  onClick,
}: LedgerCountProps) {
  return (
    <button
      type="button"
      className={`${styles.figure} ${styles.count}`}
      onClick={({ currentTarget }) => {
        onClick(currentTarget)
      }}
    >
      <span className={styles.title}>{title}</span>
      <span className={styles.row}>
        <span className={styles.value} data-value={id}>
          {value}
        </span>
        <Would select={selectWould} />
      </span>
      <span className={styles.below} title={below}>
        {missed && <span aria-hidden="true">△ </span>}
        {below}
      </span>
    </button>
  )
}

/** By itself, so that pointing at something draws no more of the entry than this. */
function Would({ select }: { select: (state: RootState) => string | null }) {
  const would = useAppSelector(select)
  return would === null ? null : <span className={styles.preview}>→ {would}</span>
}
