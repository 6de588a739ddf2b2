import { useDraggable } from '@dnd-kit/core'
import type { StoredPart } from '@flint/contract'
import {
  type DesignDocument,
  type DriveSheet,
  goesIntoBay,
  putDrivesInBays,
  type Speller,
  TB,
} from '@flint/core'
import { useMemo, useState } from 'react'
import { useParts } from '../../api/useParts'
import { say } from '../../controls/locale'
import { selectEvaluation, selectSelectedBays } from '../../sheet/selectors'
import { baysSelected } from '../../sheet/sheetSlice'
import { useEdit, usePreview } from '../../sheet/useEdit'
import { useAppDispatch, useAppSelector } from '../../store/hooks'
import { FindOffers, hasAllWords } from '../../tray/FindOffers'
import styles from '../../tray/tray.module.css'
import { walkOffers } from '../../tray/walkOffers'

/** So many are drawn; the rest wait for another word. */
const MOST_OFFERS = 200

type DriveModel = StoredPart & { sheet: DriveSheet }

/** Drive models of the catalogue: to drag into a bay, or to take for the chosen bays. */
export function DriveOffers() {
  const selected = useAppSelector(selectSelectedBays)
  const { bays } = useAppSelector(selectEvaluation)
  const { data } = useParts()
  const [words, setWords] = useState('')
  const firstFree = bays.bays.find(({ drive }) => drive === null)?.bay.id
  const into = selected.length > 0 ? selected : firstFree ? [firstFree] : []
  const models = useMemo(() => driveModels(data ?? [], words, say), [data, words])
  return (
    <>
      <h2>{selected.length > 0 ? 'Which drive?' : 'Drives to put in'}</h2>
      <p className="soft">
        {selected.length > 0
          ? `Goes into ${say.counted(into.length, 'chosen bay')}.`
          : firstFree
            ? 'Drag one to a bay, or choose bays first. A click fills the first free bay.'
            : 'Every bay is filled. Choose bays to change their drives.'}
      </p>
      <FindOffers
        noun="drive"
        placeholder="Find, as: 12 TB quiet 7200"
        words={words}
        onWords={setWords}
        found={models.length}
        onLeave={() => document.dispatchEvent(new Event('flint:to-drawing'))}
      />
      <ul className={styles.list} onKeyDown={walkOffers} aria-label="Drive models">
        {models.slice(0, MOST_OFFERS).map((model) => (
          <DriveOffer key={model.slug} model={model} into={into} />
        ))}
      </ul>
      {models.length > MOST_OFFERS && (
        <p className="soft">
          {say.number(models.length - MOST_OFFERS)} more. Narrow them with a word.
        </p>
      )}
    </>
  )
}

function DriveOffer({ model, into }: { model: DriveModel; into: string[] }) {
  const dispatch = useAppDispatch()
  const edit = useEdit()
  const previewOf = usePreview()
  const { slug, version, sheet, ownedPieces } = model
  const part = useMemo(
    () => ({ slug, version, sheet, ownedPieces }),
    [slug, version, sheet, ownedPieces],
  )
  const { setNodeRef, listeners, isDragging } = useDraggable({
    id: `model-${slug}`,
    data: { what: 'model', model: part, sheet },
  })
  const apply = (before: DesignDocument): DesignDocument => putDrivesInBays(before, part, into)
  const possible = into.length > 0
  return (
    <li>
      <button
        ref={setNodeRef}
        type="button"
        data-offer
        data-model={slug}
        className={isDragging ? `${styles.offer} ${styles.dragged}` : styles.offer}
        aria-disabled={!possible}
        onPointerDown={listeners?.onPointerDown as React.PointerEventHandler | undefined}
        {...previewOf(possible ? apply : null)}
        onClick={() => {
          if (!possible) return
          const where = into.length === 1 ? into[0]?.replace('-', ' ') : `${into.length} bays`
          edit(`put ${say.drive(sheet.capacityBytes)} in ${where ?? ''}`, apply)
          if (into.length > 1) dispatch(baysSelected(into))
        }}
      >
        <span className={styles.title}>
          {sheet.maker} {sheet.model}
        </span>
        <span className={styles.right}>{say.drive(sheet.capacityBytes)}</span>
        <span className={styles.detail}>
          {classWords(sheet)},{' '}
          {sheet.idleWatts === null ? 'idle not known' : `${say.watts(sheet.idleWatts, 1)} idle`}
        </span>
        <span className={styles.detailRight}>
          {ownedPieces > 0 ? `${say.number(ownedPieces)} owned` : priceWords(sheet)}
        </span>
      </button>
    </li>
  )
}

function driveModels(parts: readonly StoredPart[], words: string, speller: Speller): DriveModel[] {
  return parts
    .filter((part): part is DriveModel => part.sheet.kind === 'drive')
    .filter(({ sheet }) => goesIntoBay(sheet))
    .filter(({ sheet }) =>
      hasAllWords(
        `${sheet.maker} ${sheet.model} ${speller.drive(sheet.capacityBytes)} ${classWords(sheet)}`,
        words,
      ),
    )
    .sort(
      (one, other) =>
        Number(other.ownedPieces > 0) - Number(one.ownedPieces > 0) ||
        other.sheet.capacityBytes - one.sheet.capacityBytes,
    )
}

function classWords({ medium, rpm, recording, formFactor }: DriveSheet): string {
  if (medium === 'flash') return `flash, ${formFactor}"`
  const speed = rpm === null ? 'speed not known' : `${rpm} rpm`
  return recording === 'shingled' ? `${speed}, shingled` : speed
}

function priceWords({ price, capacityBytes }: DriveSheet): string {
  if (!price) return 'no price'
  const { unitMinor, currency } = price
  const perTerabyteMinor = Math.round(unitMinor / (capacityBytes / TB))
  return `${say.roundMoney(unitMinor, currency)} · ${say.money(perTerabyteMinor, currency)}/TB`
}
