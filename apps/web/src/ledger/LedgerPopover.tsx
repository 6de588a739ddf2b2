import Popover from '@mui/material/Popover'
import type { ReactNode } from 'react'
import workings from './workings.module.css'

interface LedgerPopoverProps {
  title: string
  /** What it stands over; null while it is closed. */
  anchor: HTMLElement | null
  onClose: () => void
  children: ReactNode
}

/** What an entry of the ledger has to say, over it. Closed there is none of it, since the ledger changes with every key. */
export function LedgerPopover({ title, anchor, onClose, children }: LedgerPopoverProps) {
  if (!anchor) return null
  return (
    <Popover
      open
      anchorEl={anchor}
      onClose={onClose}
      anchorOrigin={{ vertical: 'top', horizontal: 'right' }}
      transformOrigin={{ vertical: 'bottom', horizontal: 'right' }}
    >
      <div className={workings.workings} role="dialog" aria-label={title} tabIndex={0}>
        <h2>{title}</h2>
        {children}
      </div>
    </Popover>
  )
}
