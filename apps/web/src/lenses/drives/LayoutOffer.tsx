import type { Edit, Pool } from '@flint/core/editing'
import type { Layout } from '@flint/core/figures'
import { useEdit, usePreview } from '../../sheet/useEdit'
import styles from '../../tray/tray.module.css'

export interface OfferedLayout {
  layout: Layout<Pool>
  /** What the whole design would then be; null when the layout is not possible. */
  result: { working: string; survived: string } | null
  isNow: boolean
}

interface LayoutOfferProps {
  offer: OfferedLayout
  poolId: string | null | undefined
}

/** One thing that the chosen drives could become: taken with a click, looked at by pointing. */
export function LayoutOffer({ offer: { layout, result, isNow }, poolId }: LayoutOfferProps) {
  const edit = useEdit()
  const previewOf = usePreview()
  const { pool, reason, id, title, nativeName } = layout
  const apply: Edit | null =
    pool && reason === null && !isNow ? { do: 'lay-out', pool, poolId } : null
  return (
    <li>
      <button
        type="button"
        data-offer
        data-layout={id}
        className={styles.offer}
        aria-disabled={reason !== null}
        aria-current={isNow}
        title={title}
        {...previewOf(apply)}
        onClick={() => {
          if (apply) edit(apply)
        }}
      >
        <span className={styles.title}>{title}</span>
        <span className={styles.right}>{result?.working ?? ''}</span>
        {reason ? (
          <span className={styles.wide}>{reason}</span>
        ) : (
          <>
            <span className={styles.detail}>
              {[nativeName, isNow ? 'now' : ''].filter(Boolean).join(', ')}
            </span>
            <span className={styles.detailRight}>{result?.survived}</span>
          </>
        )}
      </button>
    </li>
  )
}
