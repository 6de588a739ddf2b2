import { type Account, SHORTEST_PASSWORD } from '@flint/contract'
import TextField from '@mui/material/TextField'
import { useState } from 'react'
import { problemSentence } from '../api/problemOf'
import {
  useAccountsQuery,
  useChangeAccountMutation,
  useMakeAccountMutation,
} from '../api/peopleApi'
import { PasswordField } from './PasswordField'
import styles from './people.module.css'

/** Everybody who may sign in, for the keeper of the house. */
export function People({ ownId }: { ownId: string | null }) {
  const { data: accounts = [] } = useAccountsQuery()
  const [problem, setProblem] = useState<string | null>(null)
  return (
    <section aria-labelledby="people-title">
      <h2 id="people-title">People</h2>
      <p className="soft">
        Designs belong to whoever made them, and their owner shares them. What belongs to nobody,
        like the demo, everybody may change. The keeper of the house makes accounts, and has what
        belonged to a closed one.
      </p>
      {problem && <p role="alert">{problem}</p>}
      <ul className={styles.rows}>
        {accounts.map((account) => (
          <AccountRow
            key={account.id}
            account={account}
            isOwn={account.id === ownId}
            onProblem={setProblem}
          />
        ))}
      </ul>
      <NewAccount />
    </section>
  )
}

interface AccountRowProps {
  account: Account
  isOwn: boolean
  onProblem: (problem: string | null) => void
}

function AccountRow({ account, isOwn, onProblem }: AccountRowProps) {
  const { id, name, isKeeper, isDisabled } = account
  const [change] = useChangeAccountMutation()
  const [password, setPassword] = useState<string | null>(null)

  async function changeTo(what: Omit<Parameters<typeof change>[0], 'id'>): Promise<void> {
    const { error } = await change({ id, ...what })
    onProblem(error ? problemSentence(error) : null)
  }

  return (
    <li>
      <span>{name}</span>
      <span className="soft">
        {[isKeeper && 'keeps the house', isDisabled && 'closed', isOwn && 'you']
          .filter(Boolean)
          .join(', ')}
      </span>
      {password === null ? (
        <span className={styles.last}>
          <button
            type="button"
            className="plain-button"
            aria-label={`Set a new password for ${name}`}
            onClick={() => {
              setPassword('')
            }}
          >
            new password
          </button>
          <button
            type="button"
            className="plain-button"
            aria-label={isKeeper ? `${name} no longer keeps the house` : `${name} keeps the house`}
            onClick={() => void changeTo({ isKeeper: !isKeeper })}
          >
            {isKeeper ? 'no longer keeper' : 'make keeper'}
          </button>
          <button
            type="button"
            className="plain-button"
            aria-label={isDisabled ? `Open the account of ${name}` : `Close the account of ${name}`}
            onClick={() => void changeTo({ isDisabled: !isDisabled })}
          >
            {isDisabled ? 'open again' : 'close'}
          </button>
        </span>
      ) : (
        <form
          className={styles.last}
          onSubmit={(event) => {
            event.preventDefault()
            void changeTo({ password })
            setPassword(null)
          }}
        >
          <PasswordField
            label={`New password for ${name}`}
            value={password}
            onChange={setPassword}
          />
          <button type="submit" className="plain-button">
            set it
          </button>
          <button
            type="button"
            className="plain-button"
            onClick={() => {
              setPassword(null)
            }}
          >
            cancel
          </button>
        </form>
      )}
    </li>
  )
}

function NewAccount() {
  const [make, { error, isLoading }] = useMakeAccountMutation()
  const [name, setName] = useState('')
  const [password, setPassword] = useState('')

  async function submit(): Promise<void> {
    const result = await make({ name, password })
    if (result.error) return
    setName('')
    setPassword('')
  }

  return (
    <form
      className={styles.form}
      onSubmit={(event) => {
        event.preventDefault()
        void submit()
      }}
    >
      <TextField
        label="Name of a new account"
        required
        value={name}
        slotProps={{ htmlInput: { maxLength: 60, autoComplete: 'off' } }}
        onChange={({ target }) => {
          setName(target.value)
        }}
      />
      <PasswordField
        label="Its first password"
        help={`At least ${SHORTEST_PASSWORD} characters; its owner can change it.`}
        value={password}
        onChange={setPassword}
      />
      {error && <p role="alert">{problemSentence(error)}</p>}
      <button type="submit" className="plain-button" disabled={isLoading}>
        Make the account
      </button>
    </form>
  )
}
