import type { FamilyName } from '@flint/core/editing'
import {
  type Candidate,
  CANDIDATE_COLUMNS,
  type CandidateColumn,
  familyOf,
  layoutFamilies,
} from '@flint/core/figures'
import Checkbox from '@mui/material/Checkbox'
import FormControlLabel from '@mui/material/FormControlLabel'
import MenuItem from '@mui/material/MenuItem'
import TextField from '@mui/material/TextField'
import { useMemo, useState } from 'react'
import { NumberField } from '../../controls/NumberField'
import { format } from '../../controls/locale'
import { selectDesign, selectCandidateDrives } from '../../sheet/selectors'
import { useAppSelector } from '../../store/hooks'
import { CandidateRow } from './CandidateRow'
import { candidateColumns, sortedBy } from './candidateColumns'
import styles from './candidates.module.css'
import { growthPrice } from './growthPrice'
import { useCandidates } from './useCandidates'

/** Everything that the chosen drives, or all of them, could become: all families side by side. */
export function CandidatesView() {
  const design = useAppSelector(selectDesign)
  const { houseRules, brief } = design
  const drives = useAppSelector(selectCandidateDrives)
  const { candidates, failed } = useCandidates(drives, houseRules)
  const [column, setColumn] = useState<CandidateColumn>('workingBytes')
  const [family, setFamily] = useState<FamilyName | 'all'>('all')
  const [survives, setSurvives] = useState(brief.failuresWanted ?? 1)
  const [unbeatenOnly, setUnbeatenOnly] = useState(true)
  const shown = useMemo(
    () =>
      sortedBy(
        (candidates ?? []).filter(
          (one) =>
            (family === 'all' || one.family === family) &&
            one.alwaysSurvived >= survives &&
            (!unbeatenOnly || one.unbeaten),
        ),
        column,
      ),
    [candidates, family, survives, unbeatenOnly, column],
  )
  // Many layouts grow by the same number of drives.
  const stepMinorOf = useMemo(() => {
    const ids = drives.map(({ id }) => id)
    const steps = new Set((candidates ?? []).map(({ growthDrives }) => growthDrives))
    return new Map([...steps].map((step) => [step, growthPrice(design, ids, step)]))
  }, [candidates, design, drives])
  if (drives.length === 0) {
    return <p>No drives yet. Put some into bays, and see here what they could be.</p>
  }
  return (
    <section aria-label="What these drives could be">
      <p className="soft">
        {candidates ? `${format.counted(candidates.length, 'layout')} of ` : 'Layouts of '}
        {drives.length === 1 ? 'one drive' : `${format.number(drives.length)} drives`}. Figures are
        of these drives alone, reads a first estimate without controller and network. With * only
        the files of failed drives are gone beyond what is survived.
      </p>
      <div className={styles.filters}>
        <TextField
          select
          size="small"
          label="Family"
          value={family}
          sx={{ width: 210 }}
          onChange={({ target }) => {
            setFamily(target.value as FamilyName | 'all')
          }}
        >
          <MenuItem value="all">all families</MenuItem>
          {layoutFamilies.map((one) => (
            <MenuItem key={one.family} value={one.family}>
              {one.title}
            </MenuItem>
          ))}
        </TextField>
        <NumberField
          label="Survives any"
          unit="failures"
          width={150}
          min={0}
          max={10}
          whole
          value={survives}
          onChange={(count) => {
            if (count !== null) setSurvives(count)
          }}
        />
        <FormControlLabel
          label="Only the best trade-offs (◆)"
          control={
            <Checkbox
              size="small"
              checked={unbeatenOnly}
              onChange={(_event, checked) => {
                setUnbeatenOnly(checked)
              }}
            />
          }
        />
        <span className="soft" role="status">
          {candidates ? `${format.number(shown.length)} shown` : failed ? '' : 'Computing…'}
        </span>
      </div>
      {failed && <p>The layouts could not be computed. Reload the page; the design is kept.</p>}
      {candidates && shown.length === 0 && (
        <p>Nothing of this kind. Ask for fewer failures, or for all families.</p>
      )}
      {shown.length > 0 && (
        <PileTable shown={shown} column={column} stepMinorOf={stepMinorOf} onColumn={setColumn} />
      )}
    </section>
  )
}

interface PileTableProps {
  shown: readonly Candidate[]
  column: CandidateColumn
  /** What a step of so many drives costs. */
  stepMinorOf: ReadonlyMap<number, number | null>
  onColumn: (column: CandidateColumn) => void
}

function PileTable({ shown, column, stepMinorOf, onColumn }: PileTableProps) {
  return (
    <div className={styles.scroll}>
      <table className={styles.candidates}>
        <thead>
          <tr>
            <th scope="col">Layout</th>
            {candidateColumns.map(({ id, title, help }) => (
              <th
                key={id}
                scope="col"
                aria-sort={
                  column !== id
                    ? undefined
                    : CANDIDATE_COLUMNS[id] === 'more'
                      ? 'descending'
                      : 'ascending'
                }
              >
                <button
                  type="button"
                  className={styles.sort}
                  title={help}
                  onClick={() => {
                    onColumn(id)
                  }}
                >
                  {title}
                  {column === id && (
                    <span aria-hidden="true">{CANDIDATE_COLUMNS[id] === 'more' ? ' ▾' : ' ▴'}</span>
                  )}
                </button>
              </th>
            ))}
            <th scope="col">Unused</th>
          </tr>
        </thead>
        <tbody>
          {shown.map((candidate) => (
            <CandidateRow
              key={candidate.id}
              candidate={candidate}
              familyTitle={familyOf(candidate).title}
              stepMinor={stepMinorOf.get(candidate.growthDrives) ?? null}
            />
          ))}
        </tbody>
      </table>
    </div>
  )
}
