import { selectEvaluation, selectPreviewEvaluation } from '../sheet/selectors'
import { useAppSelector } from '../store/hooks'
import { barLimit, type LedgerFigure, limitOf } from './figures'
import styles from './ledger.module.css'

/** The bar reaches beyond the limit, so that a figure over it is seen to be over it. */
const LIMIT_AT = 0.8

const widthOf = (amount: number, limit: number): string =>
  `${Math.min(1, (amount / limit) * LIMIT_AT) * 100}%`

/** A figure against the brief's limit. Missing it shows in the hatch, not in a colour alone. */
export function LimitBar({ figure }: { figure: LedgerFigure }) {
  const evaluation = useAppSelector(selectEvaluation)
  const amount = figure.amount(evaluation)
  const limit = barLimit(evaluation, figure)
  if (amount === null || limit === null || limit === 0) return null
  const isMissed = limitOf(evaluation, figure.limitId)?.status === 'missed'
  return (
    <span className={styles.bar} aria-hidden="true">
      <span
        className={isMissed ? `${styles.fill} ${styles.missed}` : styles.fill}
        style={{ width: widthOf(amount, limit), display: 'block' }}
      />
      <span className={styles.mark} style={{ left: `${LIMIT_AT * 100}%` }} />
      <WouldFill figure={figure} amount={amount} limit={limit} />
    </span>
  )
}

interface WouldFillProps {
  figure: LedgerFigure
  amount: number
  limit: number
}

/** How far the bar would reach with what is pointed at, where that is another amount. */
function WouldFill({ figure, amount, limit }: WouldFillProps) {
  const width = useAppSelector((state) => {
    const preview = selectPreviewEvaluation(state)
    const would = preview && figure.amount(preview)
    return would === null || would === amount ? null : widthOf(would, limit)
  })
  return width === null ? null : <span className={styles.previewFill} style={{ width }} />
}
