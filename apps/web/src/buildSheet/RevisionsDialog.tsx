import { ENTRIES_PER_PAGE, type RevisionSummary } from '@flint/contract'
import type { Design } from '@flint/core/editing'
import Dialog from '@mui/material/Dialog'
import DialogContent from '@mui/material/DialogContent'
import DialogTitle from '@mui/material/DialogTitle'
import { useState } from 'react'
import { api, useNameRevisionMutation, useRevisionsQuery, useSetAsideQuery } from '../api/api'
import { problemSentence } from '../api/problemOf'
import { CloseDialog } from '../controls/CloseDialog'
import { selectOpen } from '../sheet/selectors'
import { useAppDispatch, useAppSelector } from '../store/hooks'
import { comparedWith, edited } from '../store/sheetSlice'
import { VersionList } from './VersionList'

/** The revisions, and versions that came too late; going back to one is an edit like any other. */
export function RevisionsDialog({ onClose }: { onClose: () => void }) {
  const dispatch = useAppDispatch()
  const open = useAppSelector(selectOpen)
  const id = open?.designId ?? ''
  const { data: newest = [], error, isLoading } = useRevisionsQuery({ id })
  const { data: aside = [] } = useSetAsideQuery(id)
  const [older, setOlder] = useState<RevisionSummary[]>([])
  const [problem, setProblem] = useState<string | null>(null)
  const [nameRevision] = useNameRevisionMutation()
  const mayName = open?.save.kind !== 'looking'
  const revisions = [...newest, ...older]
  const oldest = revisions.at(-1)?.revision ?? 1

  function takeUp(label: string, design: Design): void {
    dispatch(edited({ label, design }))
    onClose()
  }

  /** Reads a version; null when that failed, which is said. */
  async function read(version: { revision: number } | { asideId: string }): Promise<Design | null> {
    const result =
      'revision' in version
        ? await dispatch(api.endpoints.revision.initiate({ id, ...version }))
        : await dispatch(api.endpoints.oneSetAside.initiate({ id, ...version }))
    if (!result.data) setProblem(problemSentence(result.error))
    return result.data?.document ?? null
  }

  async function goBackTo(revision: number): Promise<void> {
    const design = await read({ revision })
    if (design) takeUp(`go back to revision ${revision}`, design)
  }

  async function takeAside(asideId: string): Promise<void> {
    const design = await read({ asideId })
    if (design) takeUp('take up a version set aside', design)
  }

  async function compareWith(version: Parameters<typeof read>[0]): Promise<void> {
    const design = await read(version)
    if (!design) return
    dispatch(comparedWith(design))
    onClose()
  }

  async function name(revision: number, label: string | null): Promise<void> {
    const { error: refused } = await nameRevision({ id, revision, label })
    if (refused) setProblem(problemSentence(refused))
    else setOlder(older.map((one) => (one.revision === revision ? { ...one, label } : one)))
  }

  async function readOlder(): Promise<void> {
    const result = await dispatch(api.endpoints.revisions.initiate({ id, before: oldest }))
    if (result.data) setOlder([...older, ...result.data])
    else setProblem(problemSentence(result.error))
  }

  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="md" aria-labelledby="revisions-title">
      <DialogTitle id="revisions-title">Revisions</DialogTitle>
      <DialogContent>
        <p className="soft">
          Every save of today is kept, then the last of each day; one with a name always. Going back
          adds a new revision and can be undone. Compare counts the changes in the ledger from that
          version on.
        </p>
        {isLoading && <p className="soft">Reading …</p>}
        {error && <p role="alert">{problemSentence(error)}</p>}
        {problem && <p role="alert">{problem}</p>}
        {aside.length > 0 && (
          <section aria-label="Set aside" style={{ marginTop: 14 }}>
            <h3>Set aside</h3>
            <p className="soft">
              Saved from another window when this design had gone on meanwhile; each as it was
              there.
            </p>
            <VersionList
              versions={aside.map(({ id: key, basedOnRevision, ...version }) => ({
                ...version,
                key,
                mark: `from ${basedOnRevision}`,
              }))}
              action="Take it up"
              onChoose={(asideId) => void takeAside(asideId)}
              onCompare={(asideId) => void compareWith({ asideId })}
            />
            <h3>Saved</h3>
          </section>
        )}
        <VersionList
          versions={revisions.map(({ revision, ...version }) => ({
            ...version,
            key: String(revision),
            mark: String(revision),
            isPresent: revision === open?.baseRevision,
          }))}
          action="Go back to it"
          onChoose={(revision) => void goBackTo(Number(revision))}
          onCompare={(revision) => void compareWith({ revision: Number(revision) })}
          {...(mayName && {
            onName: (revision: string, label: string | null) => void name(Number(revision), label),
          })}
        />
        {oldest > 1 && revisions.length >= ENTRIES_PER_PAGE && (
          <button type="button" className="plain-button" onClick={() => void readOlder()}>
            Show older ones
          </button>
        )}
      </DialogContent>
      <CloseDialog onClose={onClose} />
    </Dialog>
  )
}
