import TextField from '@mui/material/TextField'
import { useState } from 'react'
import { problemSentence } from '../api/problemOf'
import { useSignInMutation } from '../api/peopleApi'
import styles from './people.module.css'

/** Name and password. */
export function SignInForm() {
  const [signIn, { error, isLoading }] = useSignInMutation()
  const [name, setName] = useState('')
  const [password, setPassword] = useState('')
  return (
    <form
      className={styles.form}
      onSubmit={(event) => {
        event.preventDefault()
        void signIn({ name, password })
      }}
    >
      <TextField
        label="Name"
        autoFocus
        required
        value={name}
        slotProps={{ htmlInput: { maxLength: 60, autoComplete: 'username' } }}
        onChange={({ target }) => {
          setName(target.value)
        }}
      />
      <TextField
        label="Password"
        type="password"
        required
        value={password}
        slotProps={{ htmlInput: { maxLength: 200, autoComplete: 'current-password' } }}
        onChange={({ target }) => {
          setPassword(target.value)
        }}
      />
      {error && <p role="alert">{problemSentence(error)}</p>}
      <button type="submit" className="plain-button" disabled={isLoading}>
        Sign in
      </button>
    </form>
  )
}
