import { type ShelfAsked, useShelfInfiniteQuery } from '../api/api'
import { useState } from 'react'

/** Milliseconds after which designs whose figures are being worked out are asked for again. */
const SOON_MS = 2_000

/** The pages of the shelf that are shown; they are asked for again while figures are being worked out. */
export function useShelfRows(asked: ShelfAsked) {
  const [pollingInterval, setPollingInterval] = useState(0)
  const shelf = useShelfInfiniteQuery(asked, { pollingInterval })
  const isWaiting =
    shelf.data?.pages.some(({ rows }) => rows.some(({ isPending }) => isPending)) ?? false
  const wanted = isWaiting ? SOON_MS : 0
  if (wanted !== pollingInterval) setPollingInterval(wanted)
  return shelf
}
