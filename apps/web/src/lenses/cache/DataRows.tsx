import { useDraggable } from '@dnd-kit/core'
import { type DataKind, type DataOfKind, type Pool, wantedBytes } from '@flint/core/editing'
import { format } from '../../controls/locale'
import { SmallChoice } from '../../controls/SmallChoice'
import styles from './cache.module.css'

interface DataRowsProps {
  data: readonly DataOfKind[]
  horizonYears: number
  /** Those that may hold it. */
  pools: readonly Pool[]
  homeOf: ReadonlyMap<DataKind, string>
  onPlace: (kind: DataKind, poolId: string | null) => void
}

/** The kinds of data, each to be taken to a pool or sent there by choice. */
export function DataRows({ data, horizonYears, pools, homeOf, onPlace }: DataRowsProps) {
  return data.map((entry) => (
    <tr key={entry.kind}>
      <KindToDrag kind={entry.kind} />
      <td>{format.space(wantedBytes({ data: [entry], horizonYears }))}</td>
      <td className={styles.choice}>
        <SmallChoice
          label={`Where ${entry.kind} live`}
          value={homeOf.get(entry.kind) ?? ''}
          width={230}
          inTable
          options={[
            { value: '', text: 'wherever there is room' },
            ...pools.map(({ id, name }) => ({ value: id, text: name })),
          ]}
          onChange={(poolId) => {
            onPlace(entry.kind, poolId === '' ? null : poolId)
          }}
        />
      </td>
    </tr>
  ))
}

/** By keyboard the choice beside it does the same, so that this needs no focus of its own. */
function KindToDrag({ kind }: { kind: DataKind }) {
  const { setNodeRef, listeners, isDragging } = useDraggable({ id: kind })
  return (
    <th
      ref={setNodeRef}
      scope="row"
      className={isDragging ? `${styles.carry ?? ''} ${styles.carried ?? ''}` : styles.carry}
      {...listeners}
    >
      {kind}
    </th>
  )
}
