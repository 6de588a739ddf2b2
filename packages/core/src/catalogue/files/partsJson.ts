import { problemsOf } from '../problem'
import { cataloguedPart } from '../cataloguedPart'
import { CATALOGUE_FORMAT, CATALOGUE_VERSION, CATALOGUE_VERSIONS, keptPart } from '../keptPart'
import type { CataloguePart } from '../partKinds'
import { type ReadParts, type RowProblem, seenBefore } from './rowProblem'

/** Parts of any kinds as JSON; read again it gives the same parts. */
export function partsToJson(parts: readonly CataloguePart[]): string {
  const plain = parts.map((part) => {
    const { ownedPieces, ...rest } = cataloguedPart(part)
    return { ...rest, ...(ownedPieces ? { ownedPieces } : {}) }
  })
  const file = { format: CATALOGUE_FORMAT, version: CATALOGUE_VERSION, parts: plain }
  return `${JSON.stringify(file, null, 2)}\n`
}

/** Reads parts from JSON. Good entries are taken, each bad one is told with its place in the list. */
export function partsFromJson(text: string): ReadParts {
  let raw: unknown
  try {
    raw = JSON.parse(text)
  } catch {
    return wrong('The file is not JSON.')
  }
  const file = raw as { format?: unknown; version?: unknown; parts?: unknown } | null
  if (
    file?.format !== CATALOGUE_FORMAT ||
    !CATALOGUE_VERSIONS.includes(file.version) ||
    !Array.isArray(file.parts)
  ) {
    return wrong(
      `The file is no list of parts: format must be ${CATALOGUE_FORMAT}, version ${CATALOGUE_VERSIONS.join(' or ')}, parts a list.`,
    )
  }
  const parts: CataloguePart[] = []
  const problems: RowProblem[] = []
  const repeated = seenBefore()
  file.parts.forEach((entry: unknown, index) => {
    const line = index + 1
    const part = keptPart.safeParse(entry, { reportInput: true })
    const again = part.success ? repeated(part.data.slug, line) : null
    if (again) problems.push(again)
    else if (part.success) parts.push(part.data)
    else {
      for (const { field, sentence } of problemsOf(part.error.issues, 5)) {
        problems.push({ line, column: field, reason: sentence })
      }
    }
  })
  return { parts, problems }
}

function wrong(reason: string): ReadParts {
  return { parts: [], problems: [{ line: 1, column: '', reason }] }
}
