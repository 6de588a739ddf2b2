import type { ReactNode } from 'react'
import { Link } from 'react-router'
import { Mark } from './Mark'
import { PageTitle } from './PageTitle'
import { ThemeButton } from './ThemeButton'
import styles from './pageFrame.module.css'

interface PageFrameProps {
  /** What the page is, in a word. */
  title: string
  /** Beside the button for the theme. */
  links?: ReactNode
  children: ReactNode
}

/** A page of its own beside the shelf: its head, and what scrolls below. */
export function PageFrame({ title, links, children }: PageFrameProps) {
  return (
    <div className={styles.page}>
      <PageTitle parts={[title]} />
      <header className={styles.head}>
        <Link to="/" className={styles.mark} aria-label="Flint Shelf, to the shelf">
          <Mark /> Flint Shelf
        </Link>
        <span>
          <Link to="/">Shelf</Link> / <strong>{title}</strong>
        </span>
        <span className={styles.last}>
          {links}
          <ThemeButton />
        </span>
      </header>
      <main className={styles.main}>
        <h1 className="only-for-readers">{title}</h1>
        {children}
      </main>
    </div>
  )
}
