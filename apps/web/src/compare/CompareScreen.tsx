import type { Design } from '@flint/core/editing'
import { skipToken } from '@reduxjs/toolkit/query'
import { useCallback, useMemo } from 'react'
import type { Remote } from 'comlink'
import { useSearchParams } from 'react-router'
import { api, useDesignQuery } from '../api/api'
import { selectCheckpointOf } from '../sheet/selectors'
import { useAppSelector } from '../store/hooks'
import { PageFrame } from '../controls/PageFrame'
import { format } from '../controls/locale'
import { useWorkerAnswer } from '../workers/useWorkerAnswer'
import { ComparedTables } from './ComparedTables'
import type { Comparer } from './compareWorker'
import { DesignPicker } from './DesignPicker'
import { asText, type ComparedDesign, readComparedDesigns } from './comparedDesigns'

const startWorker = (): Worker =>
  new Worker(new URL('./compareWorker.ts', import.meta.url), { type: 'module' })

/** Two to four designs, or revisions of one, side by side: what is different first. */
export function CompareScreen() {
  const [search, setSearch] = useSearchParams()
  const chosen = readComparedDesigns(search.get('designs') ?? '')
  const choose = (next: readonly ComparedDesign[]): void => {
    setSearch({ designs: asText(next) }, { replace: true })
  }
  const documents = useDocuments(chosen)
  return (
    <PageFrame title="Compare">
      <DesignPicker chosen={chosen} onChoose={choose} />
      {chosen.length < 2 ? (
        <p className="soft">
          Choose two designs, or the same one twice and another revision of it.
        </p>
      ) : documents.hasFailed ? (
        <p role="alert">
          One of the designs is not there any more, or cannot be read; a checkpoint is gone with the
          page that it was set in.
        </p>
      ) : documents.designs === null ? (
        <p className="soft">Reading the designs …</p>
      ) : (
        <Comparison designs={documents.designs} />
      )}
    </PageFrame>
  )
}

function Comparison({ designs }: { designs: Design[] }) {
  const ask = useCallback(
    (comparer: Remote<Comparer>) => comparer.compare(designs, format.locale),
    [designs],
  )
  const { answer, failed } = useWorkerAnswer(startWorker, ask)
  if (failed)
    return <p role="alert">They cannot be compared: something in one is not understood.</p>
  if (!answer) return <p className="soft">Working it out …</p>
  return <ComparedTables designs={designs} comparison={answer} />
}

/** The documents of at most four designs; hooks cannot be asked in a loop. */
function useDocuments([one, two, three, four]: readonly ComparedDesign[]): {
  /** Null until all of them are there. */
  designs: Design[] | null
  hasFailed: boolean
} {
  const [first, second] = [useDocument(one), useDocument(two)]
  const [third, fourth] = [useDocument(three), useDocument(four)]
  const all = [first, second, third, fourth]
  const designs = useMemo(() => {
    const asked = [first, second, third, fourth].filter(({ isAsked }) => isAsked)
    const read = asked.flatMap(({ design }) => design ?? [])
    return read.length === asked.length ? read : null
  }, [first, second, third, fourth])
  return { designs, hasFailed: all.some((document) => document.hasFailed) }
}

interface ReadDocument {
  isAsked: boolean
  design: Design | null
  hasFailed: boolean
}

function useDocument(one: ComparedDesign | undefined): ReadDocument {
  const newest = useDesignQuery(one?.revision === null ? one.id : skipToken)
  const older = api.useRevisionQuery(
    typeof one?.revision === 'number' ? { id: one.id, revision: one.revision } : skipToken,
  )
  const checkpoint = useAppSelector((state) => selectCheckpointOf(state, one?.id))
  const { data, error } = one?.revision === null ? newest : older
  const isAsked = one !== undefined
  const isCheckpoint = one?.revision === 'checkpoint'
  const design = isCheckpoint ? checkpoint : isAsked ? (data?.document ?? null) : null
  const hasFailed = isCheckpoint ? checkpoint === null : isAsked && error !== undefined
  return useMemo(() => ({ isAsked, design, hasFailed }), [isAsked, design, hasFailed])
}
