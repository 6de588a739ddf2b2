import { type ReactNode, useEffect } from 'react'
import { useLocation } from 'react-router'
import { NextChoice } from './NextChoice'
import { focusFirstOffer, goesToOffers } from './toOffers'
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
  const location = useLocation()
  const { key } = location
  const state: unknown = location.state
  useEffect(() => {
    if (goesToOffers(state)) focusFirstOffer()
  }, [key, state])
  return (
    <>
      <main className={styles.main} aria-label={title}>
        {children}
      </main>
      <aside className={styles.tray} aria-label="Tray">
        <NextChoice />
        {tray}
      </aside>
    </>
  )
}
