/**
 * The first free id with this prefix. Counting instead of chance keeps edits pure: the same edit on
 * the same document always gives the same document.
 * @example nextId('drive', ['drive-1', 'drive-3']) // 'drive-4'
 */
export function nextId(prefix: string, taken: Iterable<string>): string {
  return `${prefix}-${nextNumber(prefix, taken)}`
}

/** The number of that id; ids are given here and read nowhere else. */
export function nextNumber(prefix: string, taken: Iterable<string>): number {
  let highest = 0
  for (const id of taken) {
    if (!id.startsWith(`${prefix}-`)) continue
    const number = Number(id.slice(prefix.length + 1))
    if (Number.isInteger(number) && number > highest) highest = number
  }
  return highest + 1
}
