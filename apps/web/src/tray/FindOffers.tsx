import { useParts } from '../api/useParts'
import { CatalogueState } from './CatalogueState'
import { QueryWords } from './QueryWords'
import type { FoundParts } from './useFoundParts'
import styles from './tray.module.css'

interface FindOffersProps {
  /** What is looked for: "drive", "cooler". */
  noun: string
  placeholder: string
  words: string
  onWords: (words: string) => void
  /** What the words find. */
  asked: FoundParts<unknown>
  /** Escape: out of the field, so that letters are keys again. */
  onLeave: (field: HTMLInputElement) => void
}

/** The field above a list of offers, and how it stands with the catalogue they come from. */
export function FindOffers({ noun, placeholder, words, onWords, asked, onLeave }: FindOffersProps) {
  const { data } = useParts()
  return (
    <>
      <input
        type="search"
        className={styles.find}
        data-find
        aria-label={`Find a ${noun}`}
        placeholder={placeholder}
        value={words}
        onChange={({ target }) => {
          onWords(target.value)
        }}
        onKeyDown={({ key, currentTarget }) => {
          if (key === 'Escape') onLeave(currentTarget)
          if (key === 'ArrowDown') {
            currentTarget.parentElement?.querySelector<HTMLElement>('ul [data-offer]')?.focus()
          }
        }}
      />
      <CatalogueState />
      {data && asked.found.length === 0 && <p className="soft">No {noun} has all of that.</p>}
      <QueryWords query={asked.query} near={data ? asked.near : []} onWords={onWords} />
    </>
  )
}
