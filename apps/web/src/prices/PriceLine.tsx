import type { StoredPart } from '@flint/contract'
import { matches, parsePartQuery, sheetName } from '@flint/core/editing'
import { readPriceLine } from '@flint/core/files'
import Autocomplete from '@mui/material/Autocomplete'
import TextField from '@mui/material/TextField'
import { useMemo, useState } from 'react'
import { useNavigate } from 'react-router'
import { useSendPricesMutation } from '../api/api'
import { problemSentence } from '../api/problemOf'
import { format } from '../controls/locale'
import { today } from '../controls/today'
import { partTexts } from '../tray/partText'
import styles from './prices.module.css'

/** The currency of a line that names none is the one that was noted last. */
const LAST_CURRENCY = 'flint-price-currency'

interface PriceLineProps {
  parts: readonly StoredPart[]
  /** The part whose prices are shown; a line without another one is about it. */
  chosen: string | null
}

const nameOf = ({ sheet }: StoredPart): string => sheetName(sheet)

/** A price in one line of text, what was understood of it, and the part that it is about. */
export function PriceLine({ parts, chosen }: PriceLineProps) {
  const [line, setLine] = useState('')
  const [picked, setPicked] = useState<string | null>(null)
  const [news, setNews] = useState('')
  const [send, { isLoading }] = useSendPricesMutation()
  const navigate = useNavigate()
  const read = readPriceLine(line, {
    today: today(),
    currency: localStorage.getItem(LAST_CURRENCY) ?? 'EUR',
  })
  const textOf = useMemo(() => partTexts(parts), [parts])
  const words = read?.partWords ?? ''
  const query = parsePartQuery(words)
  const found = words === '' ? [] : parts.filter((part) => matches(part, textOf(part.sheet), query))
  const [only] = found.length === 1 ? found : []
  const slug = picked ?? only?.slug ?? (words === '' ? chosen : null)
  const part = parts.find((one) => one.slug === slug) ?? null

  async function note(): Promise<void> {
    if (!read || !part) return
    const { seenOn, currency, unitMinor, shippingMinor, condition, shop, link } = read
    const price = { seenOn, currency, unitMinor, shippingMinor, condition, shop, link }
    const { error } = await send([{ slug: part.slug, ...price }])
    if (error) {
      setNews(problemSentence(error))
      return
    }
    localStorage.setItem(LAST_CURRENCY, price.currency)
    setNews(`Noted for ${nameOf(part)}.`)
    setLine('')
    setPicked(null)
    void navigate(`/prices/${part.slug}`)
  }

  return (
    <form
      className={styles.line}
      aria-label="Note a price"
      onSubmit={(event) => {
        event.preventDefault()
        void note()
      }}
    >
      <TextField
        label="A price, in one line"
        placeholder="12 TB drive 189 + 5 used 2026-11-20 at Corner"
        value={line}
        sx={{ flex: '2 1 360px' }}
        slotProps={{ htmlInput: { maxLength: 400 }, inputLabel: { shrink: true } }}
        helperText={
          read ? understood(read) : 'The part, its price, + shipping, used, the day, at a shop'
        }
        onChange={({ target }) => {
          setLine(target.value)
          setPicked(null)
        }}
      />
      <Autocomplete
        options={found.length > 0 ? found : parts}
        value={part}
        getOptionKey={(one) => one.slug}
        getOptionLabel={nameOf}
        isOptionEqualToValue={(one, other) => one.slug === other.slug}
        sx={{ flex: '1 1 240px' }}
        renderInput={(params) => (
          <TextField
            {...params}
            label="Part"
            helperText={found.length > 1 ? `${format.number(found.length)} parts are meant` : ' '}
          />
        )}
        onChange={(_, one) => {
          setPicked(one?.slug ?? null)
        }}
      />
      <button type="submit" className="plain-button" disabled={!read || !part || isLoading}>
        Note it
      </button>
      <span role="status" className="soft">
        {news}
      </span>
    </form>
  )
}

function understood({
  unitMinor,
  shippingMinor,
  currency,
  condition,
  seenOn,
  shop,
}: NonNullable<ReturnType<typeof readPriceLine>>): string {
  const sent =
    shippingMinor === null
      ? 'shipping not known'
      : `${format.money(shippingMinor, currency)} shipping`
  const parts = [format.money(unitMinor, currency), sent, condition, seenOn, shop]
  return `= ${parts.filter(Boolean).join(', ')}`
}
