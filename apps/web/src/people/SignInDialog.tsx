import Dialog from '@mui/material/Dialog'
import DialogContent from '@mui/material/DialogContent'
import DialogTitle from '@mui/material/DialogTitle'
import { SignInForm } from './SignInForm'

/** Over what is open, for those who were signed out meanwhile. */
export function SignInDialog() {
  return (
    <Dialog open aria-labelledby="sign-in-title">
      <DialogTitle id="sign-in-title">Sign in again</DialogTitle>
      <DialogContent>
        <p>
          You are signed out. What you see stays open; what is not saved is sent once you are in.
        </p>
        <SignInForm />
      </DialogContent>
    </Dialog>
  )
}
