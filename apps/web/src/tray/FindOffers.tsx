import { useParts } from '../api/useParts'
import { CatalogueState } from './CatalogueState'
import styles from './tray.module.css'

interface FindOffersProps {
  /** What is looked for: "drive", "cooler". */
  noun: string
  placeholder: string
  words: string
  onWords: (words: string) => void
  /** How many offers the words leave. */
  found: number
  /** Escape: out of the field, so that letters are keys again. */
  onLeave: (field: HTMLInputElement) => void
}

/** The field above a list of offers, and how it stands with the catalogue they come from. */
export function FindOffers({ noun, placeholder, words, onWords, found, onLeave }: FindOffersProps) {
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
      {data && found === 0 && <p className="soft">No {noun} is called that.</p>}
    </>
  )
}

/** Whether a text has all the words that are looked for. */
export function hasAllWords(text: string, words: string): boolean {
  const lower = text.toLowerCase()
  return words
    .toLowerCase()
    .split(/\s+/)
    .every((word) => lower.includes(word))
}
