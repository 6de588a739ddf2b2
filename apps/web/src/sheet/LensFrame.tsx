import type { ReactNode } from 'react'
import styles from './lensFrame.module.css'

/** A lens's two panes: the drawing and what belongs under it, and the tray. */
export function LensFrame({
  title,
  children,
  tray,
}: {
  title: string
  children: ReactNode
  tray: ReactNode
}) {
  return (
    <>
      <main className={styles.main} aria-label={title}>
        {children}
      </main>
      <aside className={styles.tray} aria-label="Tray">
        {tray}
      </aside>
    </>
  )
}
