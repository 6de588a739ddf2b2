import { SHORTEST_PASSWORD } from '@flint/contract'
import TextField from '@mui/material/TextField'
import { useState } from 'react'
import { problemSentence } from '../api/problemOf'
import { useMakeFirstAccountMutation } from '../api/peopleApi'
import { Mark } from '../controls/Mark'
import { PasswordField } from './PasswordField'
import styles from './people.module.css'

/** The first account of the house, made by whoever can read the terminal. */
export function FirstAccount() {
  const [make, { error, isLoading }] = useMakeFirstAccountMutation()
  const [code, setCode] = useState('')
  const [name, setName] = useState('')
  const [password, setPassword] = useState('')
  return (
    <main className={styles.door}>
      <h1>
        <Mark /> Flint Shelf
      </h1>
      <p>
        This Flint Shelf can be reached from other machines, so people sign in. Make the first
        account; it keeps the house and makes the others.
      </p>
      <form
        className={styles.form}
        onSubmit={(event) => {
          event.preventDefault()
          void make({ code, name, password })
        }}
      >
        <TextField
          label="Code"
          autoFocus
          required
          value={code}
          helperText="It is on the terminal where Flint Shelf was started."
          slotProps={{ htmlInput: { maxLength: 40, autoComplete: 'one-time-code' } }}
          onChange={({ target }) => {
            setCode(target.value)
          }}
        />
        <TextField
          label="Your name"
          required
          value={name}
          slotProps={{ htmlInput: { maxLength: 60, autoComplete: 'username' } }}
          onChange={({ target }) => {
            setName(target.value)
          }}
        />
        <PasswordField
          label="Password"
          help={`At least ${SHORTEST_PASSWORD} characters; a few words are good.`}
          value={password}
          onChange={setPassword}
        />
        {error && <p role="alert">{problemSentence(error)}</p>}
        <button type="submit" className="plain-button" disabled={isLoading}>
          Make the account
        </button>
      </form>
    </main>
  )
}
