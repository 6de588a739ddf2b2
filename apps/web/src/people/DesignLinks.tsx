import type { DesignLink } from '@flint/contract'
import MenuItem from '@mui/material/MenuItem'
import TextField from '@mui/material/TextField'
import { useState } from 'react'
import { LINK_PATH } from '../api/linkKey'
import { problemSentence } from '../api/problemOf'
import { useMakeLinkMutation, useRemoveLinkMutation } from '../api/peopleApi'
import { format, LOCALE } from '../controls/locale'
import styles from './people.module.css'

const dayFormat = new Intl.DateTimeFormat(LOCALE, { dateStyle: 'medium' })

/** For how many days a link can be made. */
const DAYS = [1, 7, 30, 365]

/** Links with which anyone may look at a design. */
export function DesignLinks({ id, links }: { id: string; links: readonly DesignLink[] }) {
  const [make, { data: made, error, reset, isLoading }] = useMakeLinkMutation()
  const [remove] = useRemoveLinkMutation()
  const [days, setDays] = useState(7)
  return (
    <section aria-labelledby="links-title" style={{ marginTop: 20 }}>
      <h3 id="links-title">Links</h3>
      <p className="soft">
        Whoever has a link may look at this design, without an account, until it expires.
      </p>
      {error && <p role="alert">{problemSentence(error)}</p>}
      <ul className={styles.rows}>
        {links.map(({ id: linkId, createdAt, expiresAt }) => (
          <li key={linkId}>
            <span>made {dayFormat.format(new Date(createdAt))}</span>
            <span>expires {dayFormat.format(new Date(expiresAt))}</span>
            <button
              type="button"
              className={`plain-button ${styles.last ?? ''}`}
              onClick={() => {
                if (made?.id === linkId) reset()
                void remove({ id, linkId })
              }}
            >
              take it back
            </button>
          </li>
        ))}
      </ul>
      {made && (
        <p role="status">
          The link, shown this once:
          <span className={styles.secret}>
            {`${window.location.origin}${LINK_PATH}#${made.secret}`}
          </span>
        </p>
      )}
      <div style={{ display: 'flex', gap: 10, alignItems: 'center', marginTop: 10 }}>
        <TextField
          select
          size="small"
          label="For"
          value={days}
          onChange={({ target }) => {
            setDays(Number(target.value))
          }}
        >
          {DAYS.map((one) => (
            <MenuItem key={one} value={one}>
              {format.counted(one, 'day')}
            </MenuItem>
          ))}
        </TextField>
        <button
          type="button"
          className="plain-button"
          disabled={isLoading}
          onClick={() => void make({ id, days })}
        >
          Make a link
        </button>
      </div>
    </section>
  )
}
