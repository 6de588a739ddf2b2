import { PARTS_PER_REQUEST } from '@flint/contract'
import type { RowProblem } from '@flint/core/files'
import { wrap } from 'comlink'
import { useRef, useState } from 'react'
import { api, useTakeInPartsMutation } from '../api/api'
import { problemSentence } from '../api/problemOf'
import { useAppDispatch } from '../store/hooks'
import type { FileReader } from './fileWorker'

/** How it stands with a file that is being taken in. */
export interface TakeIn {
  fileName: string
  state: 'reading' | 'sending' | 'done' | 'stopped' | 'failed'
  /** Good rows of the file, and how many of them are in the catalogue. */
  good: number
  taken: number
  problems: RowProblem[]
  /** Names that the catalogue did not take, each with its reason. */
  refused: { slug: string; reason: string }[]
  failure: string
}

const MOST_BYTES = 60_000_000

/** Reads a file in a worker and sends its good rows piece by piece; it can be stopped between two. */
export function useTakeIn() {
  const dispatch = useAppDispatch()
  const [send] = useTakeInPartsMutation()
  const [takeIn, setTakeIn] = useState<TakeIn | null>(null)
  // Read through a function: it changes while the loop waits.
  const stopped = useRef(false)
  const isStopped = (): boolean => stopped.current

  async function start(file: File): Promise<void> {
    stopped.current = false
    let now: TakeIn = {
      fileName: file.name,
      state: 'reading',
      good: 0,
      taken: 0,
      problems: [],
      refused: [],
      failure: '',
    }
    const show = (change: Partial<TakeIn>): void => {
      now = { ...now, ...change }
      setTakeIn(now)
    }
    show({})
    if (file.size > MOST_BYTES) {
      show({
        state: 'failed',
        failure: `${file.name} is larger than 60 MB, the most that is read.`,
      })
      return
    }
    const worker = new Worker(new URL('./fileWorker.ts', import.meta.url), { type: 'module' })
    try {
      const { parts, problems } = await wrap<FileReader>(worker).read(file.name, await file.text())
      show({ state: 'sending', good: parts.length, problems })
      for (let at = 0; at < parts.length && !isStopped(); at += PARTS_PER_REQUEST) {
        const { data, error } = await send(parts.slice(at, at + PARTS_PER_REQUEST))
        if (error) {
          show({ state: 'failed', failure: problemSentence(error) })
          return
        }
        show({ taken: now.taken + data.taken, refused: [...now.refused, ...data.refused] })
      }
      show({ state: isStopped() ? 'stopped' : 'done' })
    } catch {
      show({ state: 'failed', failure: `${file.name} could not be read.` })
    } finally {
      worker.terminate()
      dispatch(api.util.invalidateTags(['Parts']))
    }
  }

  return {
    takeIn,
    start,
    stop: () => {
      stopped.current = true
    },
    forget: () => {
      setTakeIn(null)
    },
  }
}
