import type { StoredPart } from '@flint/contract'
import {
  matches,
  type NearMiss,
  nearMisses,
  parsePartQuery,
  type PartQuery,
  type PartSheet,
} from '@flint/core/editing'
import { useMemo } from 'react'

export interface FoundParts<Part> {
  /** What was understood of the words. */
  query: PartQuery
  found: Part[]
  /** What to leave out where nothing was found. */
  near: NearMiss[]
}

/**
 * The parts that answer some words: the same question finds the same everywhere.
 *
 * @param textOf the words of a part; the same function at every drawing
 */
export function useFoundParts<Part extends StoredPart>(
  parts: readonly Part[],
  textOf: (sheet: PartSheet) => string,
  words: string,
): FoundParts<Part> {
  return useMemo(() => {
    const query = parsePartQuery(words)
    const found = parts.filter((part) => matches(part, textOf(part.sheet), query))
    return { query, found, near: nearMisses(found.length > 0 ? [] : parts, textOf, query) }
  }, [parts, textOf, words])
}
