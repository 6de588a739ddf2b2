import { saveFile } from '../controls/saveFile'
import { useKeptCopies } from '../saving/keptCopiesContext'
import { selectUnreadCopies, selectDesignId } from '../sheet/selectors'
import { useAppDispatch, useAppSelector } from '../store/hooks'
import { unreadForgotten } from '../store/sheetSlice'
import styles from './sheet.module.css'

/** Work on the design that this browser keeps and that cannot be read; it is left alone until the builder decides. */
export function UnreadCopies() {
  const unread = useAppSelector(selectUnreadCopies)
  const designId = useAppSelector(selectDesignId)
  const copies = useKeptCopies()
  const dispatch = useAppDispatch()
  if (unread.length === 0) return null
  return (
    <div className={styles.notice} role="alert">
      <p>
        This browser keeps work on this design that cannot be read here, as when a newer Flint Shelf
        wrote it. It is left as it is.
      </p>
      <button
        type="button"
        className="plain-button"
        onClick={() => {
          const text = `${JSON.stringify(unread, null, 2)}\n`
          saveFile('work-kept-in-the-browser.json', 'application/json', text)
        }}
      >
        Save it as a file
      </button>
      <button
        type="button"
        className="plain-button"
        onClick={() => {
          void copies.forgetUnread(designId)
          dispatch(unreadForgotten())
        }}
      >
        Discard it
      </button>
    </div>
  )
}
