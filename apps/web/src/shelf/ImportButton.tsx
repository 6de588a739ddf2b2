import { parseDesign } from '@flint/core/editing'
import { useRef } from 'react'
import { useCreateDesignMutation } from '../api/api'
import { problemSentence } from '../api/problemOf'
import type { ShelfNews } from './shelfNews'

const MOST_BYTES = 2_000_000

/** Reads a design document from a file and puts it on the shelf. */
export function ImportButton({ onNews }: { onNews: (news: ShelfNews) => void }) {
  const input = useRef<HTMLInputElement>(null)
  const [createDesign] = useCreateDesignMutation()

  async function read(file: File): Promise<string> {
    if (file.size > MOST_BYTES) return `${file.name} is larger than 2 MB, so it is no design.`
    let raw: unknown
    try {
      raw = JSON.parse(await file.text())
    } catch {
      return `${file.name} is not JSON.`
    }
    const parsed = parseDesign(raw)
    if (!('design' in parsed)) {
      return `${file.name} was not taken: ${parsed.problems[0]?.sentence ?? 'it is no design.'}`
    }
    const { error } = await createDesign(parsed.design)
    return error ? problemSentence(error) : `Imported ${parsed.design.name}.`
  }

  return (
    <>
      <button type="button" className="plain-button" onClick={() => input.current?.click()}>
        Import
      </button>
      <input
        ref={input}
        type="file"
        accept=".json,application/json"
        hidden
        aria-label="Design file"
        onChange={({ target }) => {
          const [file] = target.files ?? []
          if (file)
            void read(file).then((text) => {
              onNews({ text })
            })
          target.value = ''
        }}
      />
    </>
  )
}
