import { LOAD_WORDS, loadClass } from './loadClass'
import styles from './paths.module.css'

/** What the strokes mean, and what can be done on the drawing. */
export function LoadLegend() {
  return (
    <div className={styles.legend}>
      <p className="soft">The wider a line, the more it can move. How loaded it is:</p>
      <ul>
        {LOAD_WORDS.map(({ share, words }) => (
          <li key={words}>
            <svg width="30" height="8" aria-hidden="true">
              <path
                d="M0 4 L30 4"
                strokeWidth="4"
                className={[styles.link, loadClass(share)].filter(Boolean).join(' ')}
              />
            </svg>{' '}
            {words}
          </li>
        ))}
      </ul>
      <p className="soft">
        Drag a card to another slot, a plug to another port. From the keyboard: the tray has the
        slots, the cable list the ports.
      </p>
    </div>
  )
}
