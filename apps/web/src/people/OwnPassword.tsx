import { SHORTEST_PASSWORD } from '@flint/contract'
import TextField from '@mui/material/TextField'
import { useState } from 'react'
import { problemSentence } from '../api/problemOf'
import { useChangePasswordMutation } from '../api/peopleApi'
import { PasswordField } from './PasswordField'
import styles from './people.module.css'

/** Changes the password of whoever is signed in. */
export function OwnPassword() {
  const [change, { error, isLoading, isSuccess }] = useChangePasswordMutation()
  const [passwordBefore, setPasswordBefore] = useState('')
  const [password, setPassword] = useState('')

  async function submit(): Promise<void> {
    const result = await change({ passwordBefore, password })
    if (result.error) return
    setPasswordBefore('')
    setPassword('')
  }

  return (
    <section aria-labelledby="password-title">
      <h2 id="password-title">Password</h2>
      <form
        className={styles.form}
        onSubmit={(event) => {
          event.preventDefault()
          void submit()
        }}
      >
        <TextField
          label="Password before"
          type="password"
          required
          value={passwordBefore}
          slotProps={{ htmlInput: { autoComplete: 'current-password' } }}
          onChange={({ target }) => {
            setPasswordBefore(target.value)
          }}
        />
        <PasswordField
          label="New password"
          help={`At least ${SHORTEST_PASSWORD} characters. Other browsers have to sign in again.`}
          value={password}
          onChange={setPassword}
        />
        {error && <p role="alert">{problemSentence(error)}</p>}
        {isSuccess && password === '' && <p role="status">The password is changed.</p>}
        <button type="submit" className="plain-button" disabled={isLoading}>
          Change it
        </button>
      </form>
    </section>
  )
}
