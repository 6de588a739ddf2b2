import Dialog from '@mui/material/Dialog'
import DialogContent from '@mui/material/DialogContent'
import DialogTitle from '@mui/material/DialogTitle'
import { useState } from 'react'
import { api, useRevisionsQuery } from '../api/api'
import { problemSentence } from '../api/problemOf'
import { LOCALE } from '../controls/locale'
import { useAppDispatch, useAppSelector } from '../store/hooks'
import { selectOpen } from '../sheet/selectors'
import { edited } from '../store/sheetSlice'
import { CloseDialog } from '../controls/CloseDialog'

const timeFormat = new Intl.DateTimeFormat(LOCALE, { dateStyle: 'medium', timeStyle: 'short' })

/** Every revision there ever was; going back to one is an edit like any other. */
export function RevisionsDialog({ onClose }: { onClose: () => void }) {
  const dispatch = useAppDispatch()
  const open = useAppSelector(selectOpen)
  const id = open?.designId ?? ''
  const { data, error, isLoading } = useRevisionsQuery(id)
  const [problem, setProblem] = useState<string | null>(null)

  async function goBackTo(revision: number): Promise<void> {
    const result = await dispatch(api.endpoints.revision.initiate({ id, revision }))
    if (!result.data) {
      setProblem(problemSentence(result.error))
      return
    }
    dispatch(edited({ label: `go back to revision ${revision}`, design: result.data.document }))
    onClose()
  }

  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="revisions-title">
      <DialogTitle id="revisions-title">Revisions</DialogTitle>
      <DialogContent>
        <p className="soft">
          Every save is kept. Going back adds a new revision and can be undone.
        </p>
        {isLoading && <p className="soft">Reading …</p>}
        {error && <p role="alert">{problemSentence(error)}</p>}
        {problem && <p role="alert">{problem}</p>}
        <ul style={{ listStyle: 'none', padding: 0 }}>
          {data?.map(({ revision, savedAt, name }) => (
            <li key={revision} style={{ display: 'flex', gap: 12, alignItems: 'baseline' }}>
              <span className="figure" style={{ width: '3em', textAlign: 'right' }}>
                {revision}
              </span>
              <span className="soft">{timeFormat.format(new Date(savedAt))}</span>
              <span>{name}</span>
              {revision === open?.baseRevision ? (
                <span className="soft" style={{ marginLeft: 'auto', padding: '4px 6px' }}>
                  newest
                </span>
              ) : (
                <button
                  type="button"
                  className="plain-button"
                  style={{ marginLeft: 'auto' }}
                  onClick={() => void goBackTo(revision)}
                >
                  Go back to it
                </button>
              )}
            </li>
          ))}
        </ul>
      </DialogContent>
      <CloseDialog onClose={onClose} />
    </Dialog>
  )
}
