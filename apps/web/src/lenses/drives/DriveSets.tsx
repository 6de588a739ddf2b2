import {
  type Brief,
  type Design,
  type Edit,
  type FamilyName,
  wantedBytes,
} from '@flint/core/editing'
import { type DriveSet, driveSetEdit, driveSets, layoutFamilies } from '@flint/core/figures'
import { useMemo, useState } from 'react'
import { useParts } from '../../api/useParts'
import { format } from '../../controls/locale'
import { SmallChoice } from '../../controls/SmallChoice'
import { selectDesign, selectMachine } from '../../sheet/selectors'
import { useEdit, usePreview } from '../../sheet/useEdit'
import { useAppSelector } from '../../store/hooks'
import { yearOf } from '../../sheet/yearOf'
import styles from '../../tray/tray.module.css'
import { walkOffers } from '../../tray/walkOffers'

/** Whole sets of one model, laid out, that hold what the brief asks for: one click puts them in. */
export function DriveSets() {
  const { brief, houseRules, pools } = useAppSelector(selectDesign)
  const machine = useAppSelector(selectMachine)
  const [chosen, setChosen] = useState<FamilyName | null>(null)
  const family = chosen ?? pools[0]?.family ?? 'zfs'
  const { data: parts } = useParts()
  const wanted = wantedBytes(brief)
  // Without a wish there is nothing to hold, and a rename is no other question.
  const sets = useMemo(
    () => (wanted === 0 ? [] : driveSets({ brief, houseRules }, machine, parts ?? [], { family })),
    [brief, houseRules, machine, parts, wanted, family],
  )
  const { failuresWanted } = brief
  // Where another family was chosen and has none, the choice stays, so that one finds back.
  if (sets.length === 0 && chosen === null) return null
  const enough = sets.filter(({ shortBytes }) => shortBytes === 0)
  return (
    <>
      <h2>Sets that would hold it</h2>
      <div className={styles.field}>
        <SmallChoice
          label="Laid out as"
          width="100%"
          value={family}
          options={layoutFamilies.map((one) => ({ value: one.family, text: one.title }))}
          onChange={(name) => {
            setChosen(layoutFamilies.find((one) => one.family === name)?.family ?? null)
          }}
        />
      </div>
      <p className="soft">
        {enough.length > 0
          ? `Drives of one model for ${format.space(wanted)}, ${failureWords(failuresWanted)}. They take the place of what is in the bays.`
          : sets.length === 0
            ? 'No set of one model can be laid out so in these bays.'
            : `No model is enough for ${format.space(wanted)} in these bays, ${failureWords(failuresWanted)}. These come nearest.`}
      </p>
      <ul className={styles.list} onKeyDown={walkOffers} aria-label="Sets of drives">
        {(enough.length > 0 ? enough : sets).map((set) => (
          <SetOffer key={set.part.slug} set={set} brief={brief} />
        ))}
      </ul>
    </>
  )
}

function SetOffer({ set, brief }: { set: DriveSet; brief: Brief }) {
  const edit = useEdit()
  const previewOf = usePreview()
  const apply = (design: Design): Edit => driveSetEdit(design, set)
  const { part, drives, title, workingBytes, alwaysSurvived, costMinor, idleWatts } = set
  return (
    <li>
      <button
        type="button"
        data-offer
        data-set={part.slug}
        className={styles.offer}
        {...previewOf(apply)}
        onClick={() => {
          edit(apply)
        }}
      >
        <span className={styles.title}>
          {format.number(drives)} × {format.drive(part.sheet.capacityBytes)}
        </span>
        <span className={styles.right}>
          {costMinor === null ? 'no price' : format.roundMoney(costMinor, brief.currency)}
        </span>
        <span className={styles.detail}>
          {title}: {format.space(workingBytes)}, any {alwaysSurvived}
        </span>
        <span className={styles.detailRight}>
          {idleWatts === null
            ? 'watts not known'
            : `${format.watts(idleWatts)}, ${yearOf(idleWatts, brief)}`}
        </span>
        <span className={styles.wide}>
          {part.sheet.maker} {part.sheet.model}
        </span>
      </button>
    </li>
  )
}

const failureWords = (wanted: number | null): string =>
  wanted === null
    ? 'surviving one failure'
    : wanted === 0
      ? 'with or without redundancy'
      : `surviving any ${wanted}`
