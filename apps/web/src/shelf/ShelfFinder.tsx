import { SHELF_ORDERS, type ShelfOrder } from '@flint/contract'
import MenuItem from '@mui/material/MenuItem'
import TextField from '@mui/material/TextField'
import styles from './shelf.module.css'

const ORDER_WORDS: Record<ShelfOrder, string> = {
  made: 'oldest first',
  changed: 'last changed first',
  name: 'by name',
  space: 'most usable space first',
  watts: 'fewest idle watts first',
  cost: 'least to buy first',
}

interface ShelfFinderProps {
  find: string
  onFind: (find: string) => void
  order: ShelfOrder
  onOrder: (order: ShelfOrder) => void
}

/** Words to find designs by, and the order they stand in. */
export function ShelfFinder({ find, onFind, order, onOrder }: ShelfFinderProps) {
  return (
    <div className={styles.finding}>
      <TextField
        size="small"
        type="search"
        label="Find a design"
        value={find}
        slotProps={{ htmlInput: { maxLength: 200 } }}
        onChange={({ target }) => {
          onFind(target.value)
        }}
      />
      <TextField
        select
        size="small"
        label="Order"
        value={order}
        sx={{ minWidth: 210 }}
        onChange={({ target }) => {
          onOrder(SHELF_ORDERS.find((one) => one === target.value) ?? 'made')
        }}
      >
        {SHELF_ORDERS.map((one) => (
          <MenuItem key={one} value={one}>
            {ORDER_WORDS[one]}
          </MenuItem>
        ))}
      </TextField>
    </div>
  )
}
