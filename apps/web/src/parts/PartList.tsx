import { useVirtualizer } from '@tanstack/react-virtual'
import type { StoredPart } from '@flint/contract'
import { kindWords, type PartKind } from '@flint/core/editing'
import { type KeyboardEvent, useEffect, useRef, useState } from 'react'
import { costWords, partWords } from '../tray/partWords'
import styles from './parts.module.css'

const ROW_PX = 46
const PAGE_ROWS = 10

const names = new Map(kindWords.map(({ kind, one }) => [kind, one]))

/** "bay cage", "CPU". */
const kindOf = (kind: PartKind): string => names.get(kind) ?? kind

interface PartListProps {
  parts: readonly StoredPart[]
  chosen: string | null
  compared: readonly string[]
  onChoose: (slug: string) => void
  onCompare: (part: StoredPart) => void
}

/** The parts found; only those in sight are drawn, so that many thousands scroll as well as ten. */
export function PartList({ parts, chosen, compared, onChoose, onCompare }: PartListProps) {
  const scroller = useRef<HTMLDivElement>(null)
  const [active, setActive] = useState(0)
  // Rows are asked for anew at every drawing, which is what this library wants.
  // oxlint-disable-next-line react-hooks/incompatible-library
  const rows = useVirtualizer({
    count: parts.length,
    getScrollElement: () => scroller.current,
    estimateSize: () => ROW_PX,
    overscan: 8,
  })
  const at = Math.min(active, Math.max(0, parts.length - 1))

  // Another list begins at the part that is shown, or at its top.
  const shown = useRef(chosen)
  useEffect(() => {
    shown.current = chosen
  }, [chosen])
  useEffect(() => {
    const index = parts.findIndex(({ slug }) => slug === shown.current)
    setActive(Math.max(0, index))
    rows.scrollToIndex(Math.max(0, index), { align: 'auto' })
  }, [parts, rows])

  function go(to: number): void {
    const next = Math.max(0, Math.min(parts.length - 1, to))
    setActive(next)
    rows.scrollToIndex(next)
  }

  function onKeyDown(event: KeyboardEvent): void {
    const part = parts[at]
    const actions: Partial<Record<string, () => void>> = {
      ArrowDown: () => {
        go(at + 1)
      },
      ArrowUp: () => {
        go(at - 1)
      },
      PageDown: () => {
        go(at + PAGE_ROWS)
      },
      PageUp: () => {
        go(at - PAGE_ROWS)
      },
      Home: () => {
        go(0)
      },
      End: () => {
        go(parts.length - 1)
      },
      Enter: () => {
        if (part) onChoose(part.slug)
      },
      ' ': () => {
        if (part) onCompare(part)
      },
    }
    const action = actions[event.key]
    if (!action || event.ctrlKey || event.metaKey || event.altKey) return
    event.preventDefault()
    action()
  }

  return (
    <div
      ref={scroller}
      id="part-list"
      className={styles.list}
      role="listbox"
      aria-label="Parts found"
      aria-multiselectable="true"
      aria-activedescendant={parts.length > 0 ? `part-row-${at}` : undefined}
      tabIndex={0}
      onKeyDown={onKeyDown}
    >
      <div style={{ height: rows.getTotalSize(), position: 'relative' }} role="presentation">
        {rows.getVirtualItems().map(({ index, start }) => {
          const part = parts[index]
          if (!part) return null
          const { slug, sheet, origin } = part
          const isCompared = compared.includes(slug)
          return (
            <div
              key={slug}
              id={`part-row-${index}`}
              role="option"
              aria-selected={isCompared}
              aria-posinset={index + 1}
              aria-setsize={parts.length}
              data-row={slug}
              data-active={index === at || undefined}
              data-chosen={slug === chosen || undefined}
              className={styles.row}
              style={{ transform: `translateY(${start}px)`, height: ROW_PX }}
              onClick={() => {
                setActive(index)
                onChoose(slug)
              }}
            >
              <span
                className={styles.mark4}
                data-compare={slug}
                aria-hidden="true"
                title="Mark to compare"
                onClick={(event) => {
                  event.stopPropagation()
                  setActive(index)
                  onCompare(part)
                }}
              >
                {isCompared ? '☑' : '☐'}
              </span>
              <span className={styles.name}>
                {sheet.maker} {sheet.model}
                {origin === 'own' && <span className={styles.own}>own</span>}
              </span>
              <span className={styles.price}>{costWords(part)}</span>
              <span className={styles.words}>{`${kindOf(sheet.kind)}, ${partWords(sheet)}`}</span>
              {isCompared && <span className="only-for-readers">marked to compare</span>}
            </div>
          )
        })}
      </div>
    </div>
  )
}
