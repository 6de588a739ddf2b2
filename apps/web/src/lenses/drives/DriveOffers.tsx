import { useDraggable } from '@dnd-kit/core'
import type { StoredPart } from '@flint/contract'
import { type Bay, TB } from '@flint/core/drawing'
import { type DriveSheet, type Edit, goesIntoBay } from '@flint/core/editing'
import { useMemo, useState } from 'react'
import { useParts } from '../../api/useParts'
import { format } from '../../controls/locale'
import { selectBayPlan, selectDesign, selectSelectedBays } from '../../sheet/selectors'
import { baysSelected } from '../../store/sheetSlice'
import { useEdit, usePreview } from '../../sheet/useEdit'
import { useAppDispatch, useAppSelector } from '../../store/hooks'
import { FindOffers } from '../../tray/FindOffers'
import { partTexts } from '../../tray/partText'
import { yearOf } from '../../sheet/yearOf'
import styles from '../../tray/tray.module.css'
import { useFoundParts } from '../../tray/useFoundParts'
import { walkOffers } from '../../tray/walkOffers'

/** So many are drawn at first, so that what was found stands near; and so many when all are asked for. */
const FIRST_OFFERS = 8
const MOST_OFFERS = 200

type DriveModel = StoredPart & { sheet: DriveSheet }

/** Drive models of the catalogue: to drag into a bay, or to take for the chosen bays. */
export function DriveOffers() {
  const selected = useAppSelector(selectSelectedBays)
  const bays = useAppSelector(selectBayPlan)
  const { data } = useParts()
  const [words, setWords] = useState('')
  const chosenBays = bays.bays.filter(({ bay }) => selected.includes(bay.id))
  const firstFree = bays.bays.find(({ drive }) => drive === null)
  const into = (chosenBays.length > 0 ? chosenBays : firstFree ? [firstFree] : []).map(
    ({ bay }) => bay,
  )
  const [showsAll, setShowsAll] = useState(false)
  const most = showsAll || words.trim() !== '' ? MOST_OFFERS : FIRST_OFFERS
  const all = useMemo(() => driveModels(data ?? []), [data])
  const textOf = useMemo(() => partTexts(all), [all])
  const asked = useFoundParts(all, textOf, words)
  const models = asked.found
  return (
    <>
      <h2>{chosenBays.length > 0 ? 'Which drive?' : 'Drives to put in'}</h2>
      <p className="soft">
        {chosenBays.length > 0
          ? `Goes into ${format.counted(into.length, 'chosen bay')}.`
          : firstFree
            ? 'Drag one to a bay, or choose bays first. A click fills the first free bay, or a socket.'
            : 'Every bay is filled. Choose bays to change their drives.'}
      </p>
      <FindOffers
        noun="drive"
        placeholder="Find, as: at least 12 TB, 7200"
        words={words}
        onWords={setWords}
        asked={asked}
        onLeave={() => document.dispatchEvent(new Event('flint:to-drawing'))}
      />
      <ul className={styles.list} onKeyDown={walkOffers} aria-label="Drive models">
        {models.slice(0, most).map((model) => (
          <DriveOffer key={model.slug} model={model} into={into} />
        ))}
      </ul>
      {models.length > most && most < MOST_OFFERS && (
        <p className={styles.more}>
          <button
            type="button"
            className="plain-button"
            onClick={() => {
              setShowsAll(true)
            }}
          >
            All {format.number(models.length)} drives
          </button>
        </p>
      )}
      {models.length > most && most === MOST_OFFERS && (
        <p className="soft">{format.number(models.length - most)} more. Narrow them with a word.</p>
      )}
    </>
  )
}

function DriveOffer({ model, into }: { model: DriveModel; into: Bay[] }) {
  const dispatch = useAppDispatch()
  const edit = useEdit()
  const previewOf = usePreview()
  const { slug, version, sheet, price, ownedPieces } = model
  const { brief } = useAppSelector(selectDesign)
  const part = useMemo(
    () => ({ slug, version, sheet, price, ownedPieces }),
    [slug, version, sheet, price, ownedPieces],
  )
  const inBay = goesIntoBay(sheet)
  const { setNodeRef, listeners, isDragging } = useDraggable({
    id: `model-${slug}`,
    data: { what: 'model', model: part, sheet },
    disabled: !inBay,
  })
  const ids = into.map(({ id }) => id)
  const apply: Edit = inBay
    ? { do: 'put-drives', model: part, bays: ids }
    : { do: 'fit', part, beside: false }
  const possible = !inBay || into.length > 0
  const size = format.drive(sheet.capacityBytes)
  return (
    <li>
      <button
        ref={setNodeRef}
        type="button"
        data-offer
        data-model={slug}
        className={isDragging ? `${styles.offer} ${styles.dragged}` : styles.offer}
        aria-disabled={!possible}
        onMouseDown={listeners?.onMouseDown as React.MouseEventHandler | undefined}
        onTouchStart={listeners?.onTouchStart as React.TouchEventHandler | undefined}
        {...previewOf(possible ? apply : null)}
        onClick={() => {
          if (!possible) return
          edit(apply)
          if (inBay && into.length > 1) dispatch(baysSelected(ids))
        }}
      >
        <span className={styles.title}>
          {sheet.maker} {sheet.model}
        </span>
        <span className={styles.right}>{size}</span>
        <span className={styles.detail}>
          {classWords(sheet)},{' '}
          {sheet.idleWatts === null
            ? 'idle not known'
            : `${format.watts(sheet.idleWatts, 1)} idle, ${yearOf(sheet.idleWatts, brief)}`}
        </span>
        <span className={styles.detailRight}>
          {ownedPieces > 0 ? `${format.number(ownedPieces)} owned` : priceWords(model, into.length)}
        </span>
      </button>
    </li>
  )
}

function driveModels(parts: readonly StoredPart[]): DriveModel[] {
  return parts
    .filter((part): part is DriveModel => part.sheet.kind === 'drive')
    .sort(
      (one, other) =>
        Number(other.ownedPieces > 0) - Number(one.ownedPieces > 0) ||
        other.sheet.capacityBytes - one.sheet.capacityBytes,
    )
}

function classWords({ medium, rpm, recording, formFactor }: DriveSheet): string {
  if (medium === 'flash') return `flash, ${/^\d/.test(formFactor) ? `${formFactor}"` : formFactor}`
  const speed = rpm === null ? 'speed not known' : `${rpm} rpm`
  return recording === 'shingled' ? `${speed}, shingled` : speed
}

/** What one costs, and a terabyte of as many as there are bays for, with the shipping of all of them once. */
function priceWords({ price, sheet: { capacityBytes } }: DriveModel, pieces: number): string {
  if (!price) return 'no price'
  const { unitMinor, shippingMinor, currency } = price
  const count = Math.max(1, pieces)
  const together = count * unitMinor + (shippingMinor ?? 0)
  const perTerabyteMinor = Math.round(together / ((count * capacityBytes) / TB))
  return `${format.roundMoney(unitMinor, currency)} · ${format.money(perTerabyteMinor, currency)}/TB`
}
