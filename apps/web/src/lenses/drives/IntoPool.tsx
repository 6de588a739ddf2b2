import type { Pool } from '@flint/core/editing'
import MenuItem from '@mui/material/MenuItem'
import TextField from '@mui/material/TextField'
import { selectDesign } from '../../sheet/selectors'
import { useAppSelector } from '../../store/hooks'

/** Where new groups go when nothing is said: the pool that the drives are in, else the first. */
export const HOME = 'home'
/** A new pool. */
export const OWN = 'own'

interface IntoPoolProps {
  value: string
  /** The pool that the drives are in now. */
  home: Pool | null
  onChange: (into: string) => void
}

/** Into which ZFS pool the groups go; only a pool of several groups leaves a choice. */
export function IntoPool({ value, home, onChange }: IntoPoolProps) {
  const pools = useAppSelector(selectDesign).pools.filter((pool) => pool.family === 'zfs')
  const [first] = pools
  if (!first) return null
  return (
    <TextField
      select
      size="small"
      fullWidth
      label="Into"
      value={value}
      sx={{ mt: 1.5 }}
      onChange={({ target }) => {
        onChange(target.value)
      }}
    >
      <MenuItem value={HOME}>{homeWords(home, first)}</MenuItem>
      {pools.map(({ id, name }) => (
        <MenuItem key={id} value={id}>
          pool {name}
        </MenuItem>
      ))}
      <MenuItem value={OWN}>a pool of their own</MenuItem>
    </TextField>
  )
}

function homeWords(home: Pool | null, first: Pool): string {
  if (!home) return `pool ${first.name}`
  return home.family === 'zfs' ? `where they are, pool ${home.name}` : `in place of ${home.name}`
}
