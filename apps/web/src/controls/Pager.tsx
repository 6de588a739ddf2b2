interface PagerProps {
  /** Numbers before which a page lies, the present one last; empty on the first page. */
  pages: readonly string[]
  /** Number of the last entry that is shown; null where nothing older is left. */
  last: string | null
  disabled?: boolean
  onPages: (pages: string[]) => void
}

/** Newer and older entries of a long list, a page at a time. */
export function Pager({ pages, last, disabled = false, onPages }: PagerProps) {
  return (
    <>
      {pages.length > 0 && (
        <button
          type="button"
          className="plain-button"
          onClick={() => {
            onPages(pages.slice(0, -1))
          }}
        >
          Newer ones
        </button>
      )}{' '}
      {last !== null && (
        <button
          type="button"
          className="plain-button"
          disabled={disabled}
          onClick={() => {
            onPages([...pages, last])
          }}
        >
          Older ones
        </button>
      )}
    </>
  )
}
