import { linkKey, leaveLink } from '../api/linkKey'
import { Mark } from '../controls/Mark'
import { SignInForm } from './SignInForm'
import styles from './people.module.css'

/** The page of those who are not in yet. */
export function SignInPage() {
  if (linkKey() !== null) return <LinkEnded />
  return (
    <main className={styles.door}>
      <h1>
        <Mark /> Flint Shelf
      </h1>
      <SignInForm />
      <p className="soft">
        Forgotten passwords are set anew by the keeper of this house, on the page Account.
      </p>
    </main>
  )
}

function LinkEnded() {
  return (
    <main className={styles.door}>
      <h1>This link does not lead anywhere any more</h1>
      <p>It has expired, or was taken back. Ask for a new one.</p>
      <button
        type="button"
        className="plain-button"
        onClick={() => {
          leaveLink()
          window.location.assign('/')
        }}
      >
        Sign in instead
      </button>
    </main>
  )
}
