import { useState } from 'react'
import { useSendReadingsMutation } from '../../api/api'
import { NEW_READING, type ReadingDraft } from './readingFields'

/** A reading while it is written down, and what keeps it; what was kept leaves its condition for the next one. */
export function useKeepReading(designId: string) {
  const [draft, setDraft] = useState<ReadingDraft>(NEW_READING)
  const [send, { error, isLoading, data: kept }] = useSendReadingsMutation()
  const { watts } = draft
  const keep = async (): Promise<void> => {
    if (watts === null) return
    const { data } = await send({ id: designId, readings: [{ ...draft, watts }] })
    if (data) setDraft({ ...draft, watts: null, note: '' })
  }
  return { draft, setDraft, keep, canKeep: watts !== null && !isLoading, error, kept }
}
