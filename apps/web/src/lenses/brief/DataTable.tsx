import { TB, TIB } from '@flint/core/drawing'
import { type Brief, DATA_KINDS, type DataKind, USUAL_FILE_BYTES } from '@flint/core/editing'
import { memo, useCallback } from 'react'
import { NumberField } from '../../controls/NumberField'
import { selectDesign } from '../../sheet/selectors'
import { useEdit } from '../../sheet/useEdit'
import { useAppSelector } from '../../store/hooks'
import styles from './brief.module.css'

const GB = TB / 1000

const KIND_WORDS: Record<DataKind, string> = {
  media: 'Films, music, photos',
  projects: 'Projects',
  backups: 'Backups',
  'machine images': 'Machine images',
  other: 'Everything else',
}

const SCALES: Record<Brief['dataUnit'], number> = { TiB: TIB, TB }

const COLUMNS = [
  { field: 'nowBytes', title: 'Now', unit: null, scale: null, min: 0, max: 100_000 },
  {
    field: 'growthBytesPerYear',
    title: 'More a year',
    unit: null,
    scale: null,
    min: 0,
    max: 100_000,
  },
  {
    field: 'fileBytes',
    title: 'A usual file',
    unit: 'GB',
    scale: GB,
    min: 0.000_001,
    max: 100_000,
  },
] as const

type Field = (typeof COLUMNS)[number]['field']

/** What must fit, by kind of data: today, each year, and how large its files are. */
export function DataTable() {
  const dataUnit = useAppSelector((state) => selectDesign(state).brief.dataUnit)
  return (
    <table className={styles.data}>
      <thead>
        <tr>
          <th scope="col">Data</th>
          {COLUMNS.map(({ field, title, unit }) => (
            <th scope="col" key={field}>
              {title}, {unit ?? dataUnit}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {DATA_KINDS.map((kind) => (
          <tr key={kind}>
            <th scope="row">{KIND_WORDS[kind]}</th>
            {COLUMNS.map((column) => (
              <td key={column.field}>
                <DataNumber
                  kind={kind}
                  {...column}
                  unit={column.unit ?? dataUnit}
                  scale={column.scale ?? SCALES[dataUnit]}
                  label={`${KIND_WORDS[kind]}, ${column.title.toLowerCase()}`}
                />
              </td>
            ))}
          </tr>
        ))}
      </tbody>
    </table>
  )
}

interface DataNumberProps {
  kind: DataKind
  field: Field
  label: string
  unit: string
  scale: number
  min: number
  max: number
}

/** One cell; it looks only at its own value, as the numbers of the brief do. */
const DataNumber = memo(function DataNumber({
  kind,
  field,
  label,
  unit,
  scale,
  min,
  max,
}: DataNumberProps) {
  const stored = useAppSelector(
    (state) => selectDesign(state).brief.data.find((entry) => entry.kind === kind)?.[field] ?? null,
  )
  const edit = useEdit()
  const onChange = useCallback(
    (value: number | null) => {
      const change = { [field]: Math.round((value ?? 0) * scale) }
      edit({ do: 'change-data', kind, change }, true)
    },
    [edit, field, kind, scale],
  )
  const isFile = field === 'fileBytes'
  return (
    <NumberField
      inTable
      label={label}
      unit={unit}
      min={isFile && stored === null ? 0 : min}
      max={max}
      optional={!isFile}
      placeholder={isFile ? String(USUAL_FILE_BYTES[kind] / GB) : '0'}
      disabled={isFile && stored === null}
      value={stored === null || stored === 0 ? null : stored / scale}
      onChange={onChange}
    />
  )
})
