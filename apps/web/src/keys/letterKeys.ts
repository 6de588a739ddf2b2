const STORED_AS = 'flint-letter-keys'

/**
 * Whether single letters are keys.
 *
 * They can be turned off: whoever speaks to the computer, or hits a letter by chance, would otherwise change steps in
 * the middle of a word (WCAG 2.1, 2.1.4).
 */
export function lettersAreKeys(): boolean {
  return localStorage.getItem(STORED_AS) !== 'off'
}

export function setLettersAreKeys(on: boolean): void {
  if (on) localStorage.removeItem(STORED_AS)
  else localStorage.setItem(STORED_AS, 'off')
}

/** Whether a key that was pressed is a letter, a digit or a sign, and these are turned off. */
export function isSilenced({ key, ctrlKey, metaKey }: KeyboardEvent): boolean {
  return key.length === 1 && !ctrlKey && !metaKey && !lettersAreKeys()
}
