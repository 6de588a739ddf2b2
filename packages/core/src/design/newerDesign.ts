import { DESIGN_FORMAT, DESIGN_VERSION } from './design'

/**
 * The version of a design document that a newer Flint Shelf has made; null for any other.
 * @example newerVersionOf({ format: 'flint-shelf/design', version: 5 }) // null
 */
export function newerVersionOf(raw: unknown): number | null {
  if (typeof raw !== 'object' || raw === null) return null
  const { format, version } = raw as Record<string, unknown>
  const isNewer = format === DESIGN_FORMAT && Number.isInteger(version)
  return isNewer && Number(version) > DESIGN_VERSION ? Number(version) : null
}

/** @example newerSentence(15) // 'It was made by a newer Flint Shelf: its document version is 15, and 14 is the newest read here.' */
export function newerSentence(version: number): string {
  return `It was made by a newer Flint Shelf: its document version is ${version}, and ${DESIGN_VERSION} is the newest read here.`
}
