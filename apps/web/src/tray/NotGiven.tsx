import { format } from '../controls/locale'
import { selectNotGiven, selectPointedFinding } from '../sheet/selectors'
import { findingPointed } from '../store/sheetSlice'
import { useAppDispatch, useAppSelector } from '../store/hooks'
import styles from './tray.module.css'

/** What data sheets leave open, one line for each part, folded below what matters. */
export function NotGiven() {
  const notGiven = useAppSelector(selectNotGiven)
  const pointed = useAppSelector(selectPointedFinding)
  const dispatch = useAppDispatch()
  if (notGiven.length === 0) return null
  return (
    <details className={styles.notGiven}>
      <summary>
        Not given: {format.counted(notGiven.length, 'data sheet has', 'data sheets have')} gaps
      </summary>
      <p className="soft">What depends on these values cannot be told.</p>
      <ul className={styles.list}>
        {notGiven.map(({ pieceId, name, fields, codes }) => {
          const code = codes.join(' ')
          const isPointed = pointed?.code === code && pointed.partIds[0] === pieceId
          return (
            <li key={pieceId ?? 'brief'} data-not-given={pieceId ?? 'brief'}>
              <button
                type="button"
                className={styles.findingButton}
                aria-pressed={isPointed}
                onClick={() => {
                  const partIds = pieceId === null ? [] : [pieceId]
                  dispatch(findingPointed(isPointed ? null : { code, partIds }))
                }}
              >
                <strong>{name}</strong>: {fields} not given
              </button>
            </li>
          )
        })}
      </ul>
    </details>
  )
}
