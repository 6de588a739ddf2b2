import { PageTitle } from '../controls/PageTitle'
import type { StoredPart } from '@flint/contract'
import { CatalogueState } from '../tray/CatalogueState'
import { kindWords, type PartKind } from '@flint/core/editing'
import { useDeferredValue, useMemo, useState } from 'react'
import { Link, useNavigate, useParams } from 'react-router'
import { useParts } from '../api/useParts'
import { Mark } from '../controls/Mark'
import { format } from '../controls/locale'
import { SmallChoice } from '../controls/SmallChoice'
import { ThemeButton } from '../controls/ThemeButton'
import { useFindKey } from '../keys/useFindKey'
import { partTexts } from '../tray/partText'
import { QueryWords } from '../tray/QueryWords'
import { useFoundParts } from '../tray/useFoundParts'
import { ComparedParts } from './ComparedParts'
import { PartFiles } from './PartFiles'
import { PartForm } from './PartForm'
import { PartList } from './PartList'
import { PartSheetView } from './PartSheetView'
import { RemovedParts } from './RemovedParts'
import { UnreadParts } from './UnreadParts'
import styles from './parts.module.css'

export const MOST_COMPARED = 4

/** What the right side shows. */
type Side =
  | { shows: 'sheet' }
  | { shows: 'compare' }
  | { shows: 'form'; kind: PartKind; from: StoredPart | null }

/** The catalogue: found by words and measurements, looked at, compared, added to. */
export function PartsScreen() {
  const { data } = useParts()
  const navigate = useNavigate()
  const { slug } = useParams()
  useFindKey()
  const [words, setWords] = useState('')
  const [kind, setKind] = useState<PartKind | ''>('')
  const [onlyOwned, setOnlyOwned] = useState(false)
  const [compared, setCompared] = useState<string[]>([])
  const [side, setSide] = useState<Side>({ shows: 'sheet' })

  const parts = useMemo(() => data ?? [], [data])
  const textOf = useMemo(() => partTexts(parts), [parts])
  const question = useDeferredValue(words)
  const listed = useMemo(
    () =>
      parts.filter(
        ({ sheet, ownedPieces }) =>
          (kind === '' || sheet.kind === kind) && (!onlyOwned || ownedPieces > 0),
      ),
    [parts, kind, onlyOwned],
  )
  const { query, found, near } = useFoundParts(listed, textOf, question)
  const bySlug = useMemo(() => new Map(parts.map((part) => [part.slug, part])), [parts])
  const shown = slug ? bySlug.get(slug) : undefined
  const comparedParts = compared.flatMap((one) => bySlug.get(one) ?? [])

  function show(one: string): void {
    setSide({ shows: 'sheet' })
    void navigate(`/parts/${one}`)
  }

  function toggleCompared(part: StoredPart): void {
    const sameKind = comparedParts.every(({ sheet }) => sheet.kind === part.sheet.kind)
    if (compared.includes(part.slug)) setCompared(compared.filter((one) => one !== part.slug))
    else if (!sameKind) setCompared([part.slug])
    else if (compared.length < MOST_COMPARED) setCompared([...compared, part.slug])
  }

  return (
    <div className={styles.page}>
      <header className={styles.head}>
        <Link to="/" className={styles.mark} aria-label="Flint Shelf, to the shelf">
          <Mark /> Flint Shelf
        </Link>
        <span>
          <Link to="/">Shelf</Link> / <strong>Parts</strong>
        </span>
        <div className={styles.tools}>
          <PartFiles parts={found} kind={kind} />
          <NewPart
            onNew={(of) => {
              setSide({ shows: 'form', kind: of, from: null })
            }}
          />
          <ThemeButton />
        </div>
      </header>
      <main className={styles.main}>
        <PageTitle parts={['Parts']} />
        <h1 className="only-for-readers">Parts</h1>
        <section className={styles.left} aria-label="Find parts">
          <input
            type="search"
            className={styles.find}
            data-find
            aria-label="Find parts"
            placeholder="Find, as: depth under 400, at least 8 bays"
            value={words}
            onChange={({ target }) => {
              setWords(target.value)
            }}
            onKeyDown={(event) => {
              if (event.key !== 'ArrowDown') return
              event.preventDefault()
              document.getElementById('part-list')?.focus()
            }}
          />
          <QueryWords query={query} near={data ? near : []} onWords={setWords} />
          <UnreadParts />
          <div className={styles.filters}>
            <SmallChoice
              label="Kind of part"
              inTable
              width={150}
              value={kind}
              options={[
                { value: '', text: 'every kind' },
                ...kindWords.map(({ kind: one, many }) => ({ value: one, text: many })),
              ]}
              onChange={(value) => {
                setKind(value as PartKind | '')
              }}
            />
            <label>
              <input
                type="checkbox"
                checked={onlyOwned}
                onChange={({ target }) => {
                  setOnlyOwned(target.checked)
                }}
              />{' '}
              owned only
            </label>
            <button
              type="button"
              className="plain-button"
              disabled={comparedParts.length < 2}
              title={
                comparedParts.length < 2 ? 'Mark two to four parts of a kind first' : undefined
              }
              onClick={() => {
                setSide({ shows: 'compare' })
              }}
            >
              Compare {comparedParts.length > 0 ? comparedParts.length : ''}
            </button>
            <span className={styles.count} role="status">
              {format.counted(found.length, 'part')}
            </span>
          </div>
          <CatalogueState />
          {data && found.length === 0 && (
            <p className={styles.none}>
              Nothing in the catalogue matches that. A measurement is written as “depth under 400”.
            </p>
          )}
          <PartList
            parts={found}
            chosen={slug ?? null}
            compared={compared}
            onChoose={show}
            onCompare={toggleCompared}
          />
          <RemovedParts />
        </section>
        <section className={styles.right} aria-label="The part">
          {side.shows === 'form' ? (
            <PartForm
              key={`${side.kind} ${side.from?.slug ?? ''}`}
              kind={side.kind}
              from={side.from}
              taken={bySlug}
              onDone={(kept) => {
                if (kept) show(kept)
                else setSide({ shows: 'sheet' })
              }}
            />
          ) : side.shows === 'compare' && comparedParts.length > 1 ? (
            <ComparedParts
              parts={comparedParts}
              onLeave={(one) => {
                setCompared(compared.filter((other) => other !== one))
              }}
            />
          ) : shown ? (
            <PartSheetView
              part={shown}
              onCopy={() => {
                setSide({ shows: 'form', kind: shown.sheet.kind, from: { ...shown, slug: '' } })
              }}
              onEdit={() => {
                setSide({ shows: 'form', kind: shown.sheet.kind, from: shown })
              }}
              onRemoved={() => {
                void navigate('/parts')
              }}
            />
          ) : (
            <div className={styles.none}>
              <h2>
                {slug ? 'This part is not in the catalogue' : 'Choose a part to see its data sheet'}
              </h2>
              <p className="soft">
                Arrow keys walk the list, Space marks up to {MOST_COMPARED} of a kind to compare, /
                goes to the field. Values say where they come from; what nobody knows is said to be
                not known.
              </p>
            </div>
          )}
        </section>
      </main>
    </div>
  )
}

function NewPart({ onNew }: { onNew: (kind: PartKind) => void }) {
  return (
    <SmallChoice
      label="Add a part of your own"
      inTable
      width={170}
      value=""
      options={[
        { value: '', text: 'Add your own …' },
        ...kindWords.map(({ kind, one }) => ({ value: kind, text: one })),
      ]}
      onChange={(kind) => {
        if (kind) onNew(kind as PartKind)
      }}
    />
  )
}
