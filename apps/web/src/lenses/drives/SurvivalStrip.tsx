import { letteredGroups } from '@flint/core/editing'
import {
  type DataLoss,
  type SharedPart,
  membersAway,
  smallestFatalSets,
  type SurvivalRow,
  upperFirst,
} from '@flint/core/figures'
import { Link } from 'react-router'
import { format } from '../../controls/locale'
import {
  selectDesign,
  selectEvaluation,
  selectMachine,
  selectSharedParts,
  selectEvaluatedWords,
} from '../../sheet/selectors'
import { drivesPulled, drivesPutBack } from '../../store/sheetSlice'
import { useAppDispatch, useAppSelector } from '../../store/hooks'
import styles from './drives.module.css'

/** Rows beyond the last that is always survived; the rest is in the ledger's workings. */
const ROWS_BEYOND = 3

/** Of all ways in which k drives can fail, the share that each pool survives. */
export function SurvivalStrip() {
  const { pools } = useAppSelector(selectEvaluation).survival
  const { brief } = useAppSelector(selectDesign)
  const words = useAppSelector(selectEvaluatedWords)
  if (pools.length === 0) return null
  return (
    <section className={styles.block} aria-label="What is survived">
      <h2>
        When drives fail
        <span className="aside">
          share of all ways in which that many can fail that the pool survives
        </span>
      </h2>
      {pools.map(({ poolId, beyond, dataLost, survival: { byFailures, alwaysSurvived } }) => (
        <div key={poolId}>
          {pools.length > 1 && <h3>{upperFirst(words.pool(poolId))}</h3>}
          <div className={styles.strip}>
            {worthShowing(byFailures, alwaysSurvived, dataLost !== null).map((row) => (
              <div key={row.failures} className={styles.way}>
                <div className={styles.wayBox}>
                  <div
                    className={styles.wayFill}
                    style={{ height: `${row.survivingShare * 100}%` }}
                  />
                </div>
                <div className={styles.wayWords}>
                  <span className={styles.wayShare}>{shareText(row.survivingShare)}</span>
                  {row.failures} gone
                  <br />
                  <span className="figure soft">
                    {row.survivingSets} / {row.sets}
                  </span>
                  <LostWords loss={dataLost?.find(({ failures }) => failures === row.failures)} />
                </div>
              </div>
            ))}
          </div>
          {beyond === 'failed drives' && (
            <p className="soft">
              Beyond that only what lay on the failed drives is gone; the share is of ways in which
              nothing is.
            </p>
          )}
          <FatalWords poolId={poolId} />
        </div>
      ))}
      <SharedPartsWords />
      <p style={{ marginTop: 10 }}>
        Redundancy is not a backup.{' '}
        {brief.secondCopy.trim() ? (
          <span className="soft">Second copy: {brief.secondCopy}</span>
        ) : (
          <Link to="../brief" relative="path">
            Say in the brief where the second copy is
          </Link>
        )}
      </p>
    </section>
  )
}

/** How much is gone when that many fail, where drives are readable alone. */
function LostWords({ loss }: { loss: DataLoss | undefined }) {
  if (!loss || loss.mostBytes === 0) return null
  const { leastBytes, mostBytes } = loss
  return (
    <span className={styles.lost}>
      {leastBytes === mostBytes
        ? format.drive(mostBytes)
        : `${format.drive(leastBytes)} to ${format.drive(mostBytes)}`}{' '}
      gone
    </span>
  )
}

/** The smallest set of drives that takes the pool along. */
function FatalWords({ poolId }: { poolId: string }) {
  const design = useAppSelector(selectDesign)
  const machine = useAppSelector(selectMachine)
  const dispatch = useAppDispatch()
  const fatal = smallestFatalSets(design, [...membersAway(machine)]).find(
    (one) => one.poolId === poolId,
  )
  if (!fatal) return null
  const letters = letteredGroups(design)
    .filter(({ group }) => fatal.groupIds.includes(group.id))
    .map(({ letter }) => letter)
  return (
    <p className={styles.fatalWords}>
      Smallest loss:{' '}
      {fatal.isPair
        ? 'both drives of one pair'
        : `any ${fatal.failures === 1 ? 'one' : fatal.failures}`}{' '}
      of group {letters.join(fatal.beyond === 'pool' ? ' or of ' : ' and ')}
      {fatal.beyond === 'pool' ? '' : ', and then only their files'}.{' '}
      <button
        type="button"
        className="plain-button"
        title="Try the failure of such drives; X tries others"
        onClick={() => {
          dispatch(drivesPutBack())
          dispatch(drivesPulled(fatal.driveIds))
        }}
      >
        Show it
      </button>
    </p>
  )
}

/** What one failed part that several drives share does to the pools, as everything is wired. */
function SharedPartsWords() {
  const parts = useAppSelector(selectSharedParts)
  const { pools } = useAppSelector(selectDesign)
  const dispatch = useAppDispatch()
  const stops = ({ pools: hurt }: SharedPart): boolean =>
    hurt.some(({ state }) => state === 'lost' || state === 'partly lost')
  const fatal = parts.filter(stops)
  const borne = parts.filter((part) => part.pools.length > 0 && !stops(part))
  if (fatal.length + borne.length === 0) return null
  return (
    <div className={styles.fatalWords}>
      <h3>When a shared part fails</h3>
      <ul className={styles.shared}>
        {fatal.map(({ name, driveIds, pools: hurt }) => (
          <li key={name}>
            {name}, {format.counted(driveIds.length, 'drive')}:{' '}
            {hurt
              .map(
                ({ poolId, state }) =>
                  `${pools.find(({ id }) => id === poolId)?.name ?? poolId} ${SHARED_WORDS[state]}`,
              )
              .join(', ')}
            .{' '}
            <button
              type="button"
              className="plain-button"
              aria-label={`Show the drives of ${name}`}
              onClick={() => {
                dispatch(drivesPutBack())
                dispatch(drivesPulled(driveIds))
              }}
            >
              Show it
            </button>
          </li>
        ))}
      </ul>
      {borne.length > 0 && (
        <p>Borne, the pools run on degraded: {borne.map(({ name }) => name).join('; ')}.</p>
      )}
      <p className="soft">
        The data is still on the drives; what was being written may not be.{' '}
        <Link to="../paths" relative="path">
          See the cables and leads
        </Link>
      </p>
    </div>
  )
}

const SHARED_WORDS = {
  whole: 'runs on',
  degraded: 'runs on, degraded',
  'partly lost': 'stops in part until it is replaced',
  lost: 'stops until it is replaced',
} as const

/** One row of nothing survived says enough, unless each row says how much is lost. */
function worthShowing(
  rows: readonly SurvivalRow[],
  alwaysSurvived: number,
  showsLosses: boolean,
): SurvivalRow[] {
  const firstLost = rows.findIndex(({ survivingShare }) => survivingShare === 0)
  const end = firstLost === -1 ? rows.length : firstLost + 1
  return rows.slice(
    0,
    showsLosses ? alwaysSurvived + 2 : Math.min(end, alwaysSurvived + ROWS_BEYOND),
  )
}

/** A share that is not quite all or nothing is never rounded to it. */
function shareText(share: number): string {
  if (share > 0.999 && share < 1) return `> ${format.percent(0.999, 1)}`
  if (share > 0 && share < 0.001) return `< ${format.percent(0.001, 1)}`
  return format.percent(share, share === 0 || share === 1 ? 0 : 1)
}
