import type { StoredPart } from '@flint/contract'
import { kindWords, type PartKind } from '@flint/core/editing'
import { partsToCsv, partsToJson } from '@flint/core/files'
import Dialog from '@mui/material/Dialog'
import DialogActions from '@mui/material/DialogActions'
import DialogContent from '@mui/material/DialogContent'
import DialogTitle from '@mui/material/DialogTitle'
import { FileButton } from '../controls/FileButton'
import { saveFile } from '../controls/saveFile'
import { format } from '../controls/locale'
import { type TakeIn, useTakeIn } from './useTakeIn'
import styles from './parts.module.css'

/** As many problems are listed; the rest are counted. */
const MOST_PROBLEMS = 500

/** Parts out to a file, and in from one. */
export function PartFiles({ parts, kind }: { parts: readonly StoredPart[]; kind: PartKind | '' }) {
  const { takeIn, start, stop, forget } = useTakeIn()
  const many = kindWords.find((one) => one.kind === kind)?.many
  return (
    <>
      <FileButton
        text="Import"
        label="Part file"
        accept=".csv,.tsv,.txt,.json,text/csv,application/json"
        title="A file of parts, as comma-separated text or JSON"
        onFile={(file) => void start(file)}
      />
      <button
        type="button"
        className="plain-button"
        disabled={kind === '' || parts.length === 0}
        title={
          many
            ? `The ${many} that are listed`
            : 'Each kind has a file of its own: choose a kind first'
        }
        onClick={() => {
          if (kind) saveFile(`${kind}.csv`, 'text/csv', partsToCsv(kind, parts))
        }}
      >
        Save as CSV
      </button>
      <button
        type="button"
        className="plain-button"
        disabled={parts.length === 0}
        title="All parts that are listed"
        onClick={() => {
          saveFile('parts.json', 'application/json', partsToJson(parts))
        }}
      >
        Save as JSON
      </button>
      {takeIn && <TakeInDialog takeIn={takeIn} onStop={stop} onClose={forget} />}
    </>
  )
}

function TakeInDialog({
  takeIn,
  onStop,
  onClose,
}: {
  takeIn: TakeIn
  onStop: () => void
  onClose: () => void
}) {
  const { fileName, state, good, taken, problems, refused, failure } = takeIn
  const works = state === 'reading' || state === 'sending'
  const rows = [
    ...problems.map(({ line, column, reason }) => ({ at: String(line), column, reason })),
    ...refused.map(({ slug, reason }) => ({
      at: '',
      column: 'slug',
      reason: `${slug}: ${reason}`,
    })),
  ]
  return (
    <Dialog open onClose={works ? undefined : onClose} maxWidth="md" fullWidth>
      <DialogTitle>{fileName}</DialogTitle>
      <DialogContent>
        <p role="status">
          {state === 'reading' && 'Reading …'}
          {state === 'sending' &&
            `${format.number(taken)} of ${format.counted(good, 'part')} taken …`}
          {state === 'done' && `${format.counted(taken, 'part')} taken in.`}
          {state === 'stopped' &&
            `Stopped: ${format.number(taken)} of ${format.counted(good, 'part')} taken in.`}
          {rows.length > 0 &&
            !works &&
            ` ${format.counted(rows.length, 'problem')}; those rows are left out.`}
        </p>
        {works && <progress max={Math.max(1, good)} value={taken} aria-label="Taken in" />}
        {failure && (
          <p role="alert">
            {failure}{' '}
            {taken > 0 && `${format.counted(taken, 'part')} before that are in the catalogue.`}
          </p>
        )}
        {rows.length > 0 && (
          <div className={styles.problems} tabIndex={0} role="region" aria-label="Problems">
            <table className={styles.sheet}>
              <thead>
                <tr>
                  <th scope="col">Line</th>
                  <th scope="col">Column</th>
                  <th scope="col">Reason</th>
                </tr>
              </thead>
              <tbody>
                {rows.slice(0, MOST_PROBLEMS).map(({ at, column, reason }, index) => (
                  <tr key={index}>
                    <td className="figure">{at}</td>
                    <td>{column}</td>
                    <td>{reason}</td>
                  </tr>
                ))}
              </tbody>
            </table>
            {rows.length > MOST_PROBLEMS && (
              <p className="soft">And {format.number(rows.length - MOST_PROBLEMS)} more.</p>
            )}
          </div>
        )}
      </DialogContent>
      <DialogActions>
        {works ? (
          <button type="button" className="plain-button" onClick={onStop}>
            Stop
          </button>
        ) : (
          <button type="button" className="plain-button" onClick={onClose}>
            Close
          </button>
        )}
      </DialogActions>
    </Dialog>
  )
}
