import { useDroppable } from '@dnd-kit/core'
import type { PoolStanding } from '@flint/core/figures'
import Checkbox from '@mui/material/Checkbox'
import FormControlLabel from '@mui/material/FormControlLabel'
import { format } from '../../controls/locale'
import { failuresWords, outageWords, placedWords, readersWords, rolesWords } from './standingWords'
import styles from './cache.module.css'

interface PoolRowProps {
  name: string
  standing: PoolStanding
  workingBytes: number
  onScratch: (isScratch: boolean) => void
}

/** A pool with what lives there and how it stands to that; kinds of data are dropped on it. */
export function PoolRow({ name, standing, workingBytes, onScratch }: PoolRowProps) {
  const isScratch = standing.roles.includes('scratch')
  const { setNodeRef, isOver } = useDroppable({ id: standing.poolId, disabled: isScratch })
  return (
    <tr
      ref={setNodeRef}
      className={isOver ? styles.over : undefined}
      data-pool={standing.poolId}
      data-over={isOver || undefined}
    >
      <th scope="row">
        {name}
        <span className={styles.roles}>{rolesWords(standing)}</span>
      </th>
      <td>{placedWords(standing)}</td>
      <td>{format.space(workingBytes)}</td>
      <td>{failuresWords(standing)}</td>
      <td>{outageWords(standing)}</td>
      <td>{readersWords(standing)}</td>
      <td className={styles.choice}>
        <FormControlLabel
          label="scratch only"
          control={
            <Checkbox
              size="small"
              checked={isScratch}
              onChange={(_event, wanted) => {
                onScratch(wanted)
              }}
            />
          }
        />
      </td>
    </tr>
  )
}
