import { DESIGN_ACCESSES, type DesignAccess } from '@flint/contract'
import Dialog from '@mui/material/Dialog'
import DialogContent from '@mui/material/DialogContent'
import DialogTitle from '@mui/material/DialogTitle'
import MenuItem from '@mui/material/MenuItem'
import TextField from '@mui/material/TextField'
import { problemSentence } from '../api/problemOf'
import {
  useAccountsQuery,
  useDesignChangesQuery,
  useShareDesignMutation,
  useSharingQuery,
} from '../api/peopleApi'
import { CloseDialog } from '../controls/CloseDialog'
import { ChangeList } from './ChangeList'
import { DesignLinks } from './DesignLinks'
import styles from './people.module.css'

const ACCESS_WORDS: Record<DesignAccess, string> = { look: 'may look', change: 'may change' }

interface ShareDialogProps {
  id: string
  name: string
  onClose: () => void
}

/** Who else may look at a design or change it, links to it, and who changed it. */
export function ShareDialog({ id, name, onClose }: ShareDialogProps) {
  const { data: sharing, error } = useSharingQuery(id)
  const { data: accounts = [] } = useAccountsQuery()
  const { data: changes = [] } = useDesignChangesQuery(id)
  const [share, { error: refused }] = useShareDesignMutation()
  const problem = error ?? refused
  const others = accounts.filter(
    (account) => account.id !== sharing?.owner?.id && !account.isDisabled,
  )
  const accessOf = (accountId: string): DesignAccess | '' =>
    sharing?.access.find((one) => one.accountId === accountId)?.may ?? ''

  return (
    <Dialog open onClose={onClose} fullWidth maxWidth="sm" aria-labelledby="share-title">
      <DialogTitle id="share-title">Share {name}</DialogTitle>
      <DialogContent>
        {problem && <p role="alert">{problemSentence(problem)}</p>}
        {sharing && (
          <p className="soft">
            {sharing.owner
              ? `It belongs to ${sharing.owner.name}.`
              : 'It belongs to nobody, so everybody may change it.'}
          </p>
        )}
        {sharing?.owner && (
          <ul className={styles.rows}>
            {others.length === 0 && <li className="soft">There is nobody else yet.</li>}
            {others.map((account) => (
              <li key={account.id}>
                <span>{account.name}</span>
                <TextField
                  select
                  size="small"
                  value={accessOf(account.id)}
                  sx={{ minWidth: 200, marginLeft: 'auto' }}
                  slotProps={{
                    select: {
                      displayEmpty: true,
                      SelectDisplayProps: { 'aria-label': `What ${account.name} may do` },
                    },
                  }}
                  onChange={({ target }) =>
                    void share({
                      id,
                      accountId: account.id,
                      may: DESIGN_ACCESSES.find((one) => one === target.value) ?? null,
                    })
                  }
                >
                  <MenuItem value="">does not see it</MenuItem>
                  {DESIGN_ACCESSES.map((may) => (
                    <MenuItem key={may} value={may}>
                      {ACCESS_WORDS[may]}
                    </MenuItem>
                  ))}
                </TextField>
              </li>
            ))}
          </ul>
        )}
        {sharing && <DesignLinks id={id} links={sharing.links} />}
        <h3 style={{ marginTop: 20 }}>Changes</h3>
        <ChangeList entries={changes} />
      </DialogContent>
      <CloseDialog onClose={onClose} />
    </Dialog>
  )
}
