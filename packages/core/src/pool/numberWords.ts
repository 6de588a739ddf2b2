const WORDS = ['no', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight']

/** Small counts in words, as in a sentence: "three"; larger ones in digits. */
export function countWord(count: number): string {
  return WORDS[count] ?? String(count)
}
