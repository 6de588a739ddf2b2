import { useState } from 'react'
import {
  api,
  useCreateDesignMutation,
  useSendCollectedMutation,
  useSendEventsMutation,
  useSendPricesMutation,
  useSendReadingsMutation,
  useSendTemperaturesMutation,
  useTakeInPartsMutation,
} from '../api/api'
import { FileButton } from '../controls/FileButton'
import { problemSentence } from '../api/problemOf'
import { useAppDispatch } from '../store/hooks'
import { importFile } from './importFile'
import type { ShelfNews } from './shelfNews'

/** Reads a design document, or everything that somebody saved, from a file and puts it on the shelf. */
export function ImportButton({ onNews }: { onNews: (news: ShelfNews) => void }) {
  const dispatch = useAppDispatch()
  const [isReading, setIsReading] = useState(false)
  const [createDesign] = useCreateDesignMutation()
  const [takeInParts] = useTakeInPartsMutation()
  const [sendPrices] = useSendPricesMutation()
  const [sendEvents] = useSendEventsMutation()
  const [sendTemperatures] = useSendTemperaturesMutation()
  const [sendCollected] = useSendCollectedMutation()
  const [sendReadings] = useSendReadingsMutation()

  async function read(file: File): Promise<void> {
    setIsReading(true)
    const text = await importFile(file, {
      design: async (design) => {
        const { data, error } = await createDesign(design)
        return data ? { id: data.id } : problemSentence(error)
      },
      readings: async (designId, readings) => {
        const { error } = await sendReadings({ id: designId, readings })
        return error ? problemSentence(error) : null
      },
      events: async (id, events) => {
        const { error } = await sendEvents({ id, events })
        return error ? problemSentence(error) : null
      },
      temperatures: async (id, temperatures) => {
        const { error } = await sendTemperatures({ id, temperatures })
        return error ? problemSentence(error) : null
      },
      collected: async (id, file) => {
        const { error } = await sendCollected({ id, file })
        return error ? problemSentence(error) : null
      },
      prices: async (prices) => {
        const { error } = await sendPrices(prices)
        return error ? problemSentence(error) : null
      },
      parts: async (parts) => {
        const { data, error } = await takeInParts(parts)
        return data ?? problemSentence(error)
      },
    })
    dispatch(api.util.invalidateTags(['Parts']))
    setIsReading(false)
    onNews({ text })
  }

  return (
    <FileButton
      text="Import"
      label="Design file"
      accept=".json,application/json"
      title="A design, or a file of everything"
      disabled={isReading}
      onFile={(file) => void read(file)}
    />
  )
}
