import styles from './paths.module.css'

/** From here on a link counts as full. */
const FULL_SHARE = 0.99

/** The stroke for a load, 0 to 1: colour and dashes together, so that neither alone carries it. */
export function loadClass(share: number): string | undefined {
  if (share >= FULL_SHARE) return styles.full
  if (share >= 0.5) return styles.busy
  return share > 0 ? styles.loaded : undefined
}

/** All classes of a link's stroke. */
export function linkClass(share: number, isHighlighted: boolean): string {
  return [styles.link, loadClass(share), isHighlighted && styles.highlighted]
    .filter(Boolean)
    .join(' ')
}

/** What the strokes mean. */
export const LOAD_WORDS = [
  { share: 0, words: 'idle' },
  { share: 0.25, words: 'under half' },
  { share: 0.75, words: 'half or more' },
  { share: 1, words: 'full' },
] as const
