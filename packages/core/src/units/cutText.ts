const characters = new Intl.Segmenter('en', { granularity: 'grapheme' })

/**
 * The beginning of a text, cut between characters as people see them, never inside one.
 *
 * @param most UTF-16 units that it may have at most
 * @example cutText('shelf', 3) // 'she'
 */
export function cutText(text: string, most: number): string {
  if (text.length <= most) return text
  let cut = 0
  for (const { index, segment } of characters.segment(text)) {
    if (index + segment.length > most) break
    cut = index + segment.length
  }
  return text.slice(0, cut)
}
