import { type DriveSheet, fittedWithSheets } from '@flint/core/editing'
import { insteadOfPlan, partFromSeen } from '@flint/core/figures'
import Autocomplete from '@mui/material/Autocomplete'
import TextField from '@mui/material/TextField'
import { useState } from 'react'
import { usePartsQuery } from '../../api/api'
import { format } from '../../controls/locale'
import { SmallChoice } from '../../controls/SmallChoice'
import { TextLine } from '../../controls/TextLine'
import { today } from '../../controls/today'
import { selectDesign, selectMachine, selectWords } from '../../sheet/selectors'
import { useEdit } from '../../sheet/useEdit'
import { useAppSelector } from '../../store/hooks'
import { placedName } from './placedName'
import { insteadWords } from './proveWords'
import type { Proof } from './useProof'
import styles from './prove.module.css'

const NO_PIECE = ''

/** Where another part was fitted than was planned: noted from what the machine says, or by hand. */
export function InsteadSection({ proof }: { proof: Proof }) {
  const design = useAppSelector(selectDesign)
  const machine = useAppSelector(selectMachine)
  const words = useAppSelector(selectWords)
  const edit = useEdit()
  const others = insteadOfPlan(design)
  return (
    <section aria-label="Fitted instead of planned">
      <h2>
        Fitted instead of planned
        {others.length > 0 && (
          <span className="aside">{format.counted(others.length, 'piece')}</span>
        )}
      </h2>
      {others.length === 0 ? (
        <p className="soft">Everything is as it was planned, as far as anybody has noted it.</p>
      ) : (
        <div className={styles.scrolls}>
          <table className="lined" aria-label="Differences from the plan">
            <thead>
              <tr>
                <th scope="col">Where</th>
                <th scope="col">Planned</th>
                <th scope="col">Fitted</th>
                <th scope="col">What it changes</th>
                <th scope="col">
                  <span className="only-for-readers">To do</span>
                </th>
              </tr>
            </thead>
            <tbody>
              {others.map((one) => {
                return (
                  <tr key={one.pieceId}>
                    <th scope="row">{placedName(machine, words, one.pieceId)}</th>
                    <td>{one.plannedName}</td>
                    <td>
                      {one.fittedName}
                      {one.note !== '' && <span className="soft"> {one.note}</span>}
                    </td>
                    <td>{insteadWords(one)}</td>
                    <td className={styles.actions}>
                      <button
                        type="button"
                        className="plain-button"
                        onClick={() => {
                          edit({ do: 'fit-planned', pieceId: one.pieceId })
                        }}
                      >
                        Planned one fitted
                      </button>
                      <button
                        type="button"
                        className="plain-button"
                        onClick={() => {
                          edit({ do: 'forget-planned', pieceId: one.pieceId })
                        }}
                      >
                        This is the plan now
                      </button>
                    </td>
                  </tr>
                )
              })}
            </tbody>
          </table>
        </div>
      )}
      <SeenInstead proof={proof} />
      <NoteInstead />
    </section>
  )
}

/** Drives that nobody planned, each for a place whose drive is not seen. */
function SeenInstead({ proof: { found } }: { proof: Proof }) {
  const design = useAppSelector(selectDesign)
  const machine = useAppSelector(selectMachine)
  const words = useAppSelector(selectWords)
  const edit = useEdit()
  const sheetOf = new Map(fittedWithSheets(design).map(({ part, sheet }) => [part.id, sheet]))
  const missing = (found?.missingIds ?? []).filter((id) => sheetOf.get(id)?.kind === 'drive')
  if (!found || missing.length === 0) return null
  return (
    <>
      {found.extra.map((seen) => (
        <div key={seen.device} className={styles.actions}>
          <span>
            {seen.model ?? 'A drive'}
            {seen.bytes === null ? '' : `, ${format.drive(seen.bytes)}`}, seen as {seen.device}
          </span>
          <SmallChoice
            label="was fitted in the place of"
            width={260}
            value={NO_PIECE}
            options={[
              { value: NO_PIECE, text: 'nothing planned' },
              ...missing.map((id) => ({ value: id, text: placedName(machine, words, id) })),
            ]}
            onChange={(pieceId) => {
              const part = partFromSeen(seen, sheetOf.get(pieceId) as DriveSheet)
              if (!part) return
              edit({
                do: 'several',
                what: `note ${seen.model ?? 'a drive'} in the place of ${words.piece(pieceId)}`,
                edits: [
                  { do: 'fit-instead', pieceId, part, on: today(), note: '' },
                  ...(seen.serial === null
                    ? []
                    : [
                        {
                          do: 'note-serials' as const,
                          serials: [{ pieceId, serial: seen.serial }],
                        },
                      ]),
                ],
              })
            }}
          />
        </div>
      ))}
    </>
  )
}

/** By hand: a piece of the design, and the part of the catalogue that is in its place. */
function NoteInstead() {
  const design = useAppSelector(selectDesign)
  const machine = useAppSelector(selectMachine)
  const words = useAppSelector(selectWords)
  const { data: parts = [] } = usePartsQuery()
  const edit = useEdit()
  const [pieceId, setPieceId] = useState(NO_PIECE)
  const [note, setNote] = useState('')
  const pieces = fittedWithSheets(design)
  const names = pieces.map(({ part: { id } }) => ({ id, name: placedName(machine, words, id) }))
  const chosen = pieces.find(({ part }) => part.id === pieceId)
  if (pieces.length === 0) return null
  const slug = design.snapshots.find(({ id }) => id === chosen?.part.snapshotId)?.slug
  const offered = parts.filter(
    (part) => part.sheet.kind === chosen?.sheet.kind && part.slug !== slug,
  )
  return (
    <details>
      <summary>Note another part by hand</summary>
      <div className={styles.actions}>
        <SmallChoice
          label="Piece of the plan"
          width={260}
          value={pieceId}
          options={[
            { value: NO_PIECE, text: 'choose a piece' },
            ...names.map(({ id, name }) => ({
              value: id,
              // Alike pieces without a bay are told apart by their number.
              text: names.filter((one) => one.name === name).length > 1 ? `${name} (${id})` : name,
            })),
          ]}
          onChange={setPieceId}
        />
        <TextLine
          label="Why, in words"
          width={200}
          maxLength={400}
          value={note}
          onChange={setNote}
        />
        <Autocomplete
          options={offered}
          value={null}
          blurOnSelect
          clearOnBlur
          size="small"
          sx={{ width: 280 }}
          disabled={!chosen}
          getOptionLabel={({ sheet }) => `${sheet.maker} ${sheet.model}`}
          getOptionKey={(part) => part.slug}
          noOptionsText="The catalogue has no other of this kind"
          onChange={(_, part) => {
            if (!part) return
            const { slug: name, version, sheet, price } = part
            const fitted = { slug: name, version, sheet, price }
            edit({ do: 'fit-instead', pieceId, part: fitted, on: today(), note })
            setPieceId(NO_PIECE)
            setNote('')
          }}
          renderInput={(params) => <TextField {...params} label="Fitted there" />}
        />
      </div>
    </details>
  )
}
