import { TOKEN_SCOPES, type TokenScope } from '@flint/contract'
import MenuItem from '@mui/material/MenuItem'
import TextField from '@mui/material/TextField'
import { useState } from 'react'
import { problemSentence } from '../api/problemOf'
import { useMakeTokenMutation, useRemoveTokenMutation, useTokensQuery } from '../api/peopleApi'
import { LOCALE } from '../controls/locale'
import styles from './people.module.css'

const dayFormat = new Intl.DateTimeFormat(LOCALE, { dateStyle: 'medium' })

const SCOPE_WORDS: Record<TokenScope, string> = {
  look: 'look at designs and parts',
  change: 'look and change',
  meter: 'only send readings',
}

/** Tokens with which programs act for whoever is signed in. */
export function Tokens() {
  const { data: tokens = [] } = useTokensQuery()
  const [make, { data: made, error, isLoading, reset }] = useMakeTokenMutation()
  const [remove] = useRemoveTokenMutation()
  const [name, setName] = useState('')
  const [scope, setScope] = useState<TokenScope>('look')

  return (
    <section aria-labelledby="tokens-title">
      <h2 id="tokens-title">Tokens for programs</h2>
      <p className="soft">
        A script sends one as “Authorization: Bearer …” and may then do what its scope says, and
        nothing with accounts.
      </p>
      <ul className={styles.rows}>
        {tokens.map((token) => (
          <li key={token.id}>
            <span>{token.name}</span>
            <span>{SCOPE_WORDS[token.scope]}</span>
            <span className="soft">
              {token.lastUsedAt
                ? `last used ${dayFormat.format(new Date(token.lastUsedAt))}`
                : 'never used'}
            </span>
            <button
              type="button"
              className={`plain-button ${styles.last ?? ''}`}
              aria-label={`Remove the token ${token.name}`}
              onClick={() => {
                if (made?.id === token.id) reset()
                void remove(token.id)
              }}
            >
              remove
            </button>
          </li>
        ))}
      </ul>
      {made && (
        <p role="status">
          The token, shown this once:
          <span className={styles.secret}>{made.secret}</span>
        </p>
      )}
      <form
        className={styles.form}
        onSubmit={(event) => {
          event.preventDefault()
          void make({ name, scope }).then(() => {
            setName('')
          })
        }}
      >
        <TextField
          label="What it is for"
          required
          value={name}
          slotProps={{ htmlInput: { maxLength: 60, autoComplete: 'off' } }}
          onChange={({ target }) => {
            setName(target.value)
          }}
        />
        <TextField
          select
          label="What it may do"
          value={scope}
          onChange={({ target }) => {
            setScope(TOKEN_SCOPES.find((one) => one === target.value) ?? 'look')
          }}
        >
          {TOKEN_SCOPES.map((one) => (
            <MenuItem key={one} value={one}>
              {SCOPE_WORDS[one]}
            </MenuItem>
          ))}
        </TextField>
        {error && <p role="alert">{problemSentence(error)}</p>}
        <button type="submit" className="plain-button" disabled={isLoading}>
          Make a token
        </button>
      </form>
    </section>
  )
}
