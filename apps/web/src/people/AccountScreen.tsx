import { PageTitle } from '../controls/PageTitle'
import { Link } from 'react-router'
import { leaveLink } from '../api/linkKey'
import { useSessionQuery, useSignOutMutation } from '../api/peopleApi'
import { Mark } from '../controls/Mark'
import { ThemeButton } from '../controls/ThemeButton'
import { useAppDispatch } from '../store/hooks'
import { wentOut } from '../store/doorSlice'
import { Changes } from './Changes'
import { OwnPassword } from './OwnPassword'
import { People } from './People'
import { Tokens } from './Tokens'
import styles from './people.module.css'

/** One's own account, and for the keeper of the house those of the others. */
export function AccountScreen() {
  const { data: session } = useSessionQuery()
  const [signOut] = useSignOutMutation()
  const dispatch = useAppDispatch()
  const account = session?.kind === 'account' ? session.account : null
  const keeps = session?.kind === 'house' || account?.isKeeper === true

  return (
    <div style={{ height: '100%', overflowY: 'auto' }}>
      <main className={styles.page}>
        <header className={styles.head}>
          <Link to="/" aria-label="Flint Shelf, to the shelf">
            <Mark />
          </Link>
          <PageTitle parts={['Account']} />
          <h1>{account ? account.name : 'Accounts'}</h1>
          <span className={styles.last}>
            {account && (
              <button
                type="button"
                className="plain-button"
                onClick={() => {
                  leaveLink()
                  dispatch(wentOut())
                  void signOut()
                }}
              >
                Sign out
              </button>
            )}
            <ThemeButton />
          </span>
        </header>
        {session?.kind === 'house' && (
          <p className="soft">
            Flint Shelf listens to this machine only, so nobody signs in here. Accounts are asked
            for as soon as it listens on another address.
          </p>
        )}
        {account && <OwnPassword />}
        {account && <Tokens />}
        {keeps && <People ownId={account?.id ?? null} />}
        {keeps && <Changes />}
      </main>
    </div>
  )
}
