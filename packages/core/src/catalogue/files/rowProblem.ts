import type { CataloguePart } from '../partKinds'

/** What is wrong with one row of a file. */
export interface RowProblem {
  /** Line of the file, counted from 1; for JSON, which entry of the list. */
  line: number
  /** The column or field; empty for the whole row. */
  column: string
  reason: string
}

export interface ReadParts {
  parts: CataloguePart[]
  problems: RowProblem[]
}

/** What came before must not come again: remembers names and says where one was first. */
export function seenBefore(): (slug: string, line: number) => RowProblem | null {
  const lines = new Map<string, number>()
  return (slug, line) => {
    const first = lines.get(slug)
    if (first === undefined) {
      lines.set(slug, line)
      return null
    }
    return { line, column: 'slug', reason: `${slug} is already in line ${first}.` }
  }
}
