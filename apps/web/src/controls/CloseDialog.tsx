import DialogActions from '@mui/material/DialogActions'

/** The foot of a dialog that only shows something. */
export function CloseDialog({ onClose }: { onClose: () => void }) {
  return (
    <DialogActions>
      <button type="button" className="plain-button" onClick={onClose}>
        Close
      </button>
    </DialogActions>
  )
}
