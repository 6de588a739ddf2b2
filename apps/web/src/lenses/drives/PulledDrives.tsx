import { letteredGroups } from '@flint/core/editing'
import { type PulledPool, upperFirst } from '@flint/core/figures'
import { format } from '../../controls/locale'
import {
  selectDesign,
  selectPulledDrives,
  selectPulledPools,
  selectWords,
} from '../../sheet/selectors'
import { drivesPutBack } from '../../store/sheetSlice'
import { useAppDispatch, useAppSelector } from '../../store/hooks'
import { SeverityShape } from '../../controls/SeverityShape'
import styles from './drives.module.css'

const SEVERITY = {
  whole: null,
  degraded: 'risks',
  'partly lost': 'blocks',
  lost: 'blocks',
} as const
const WORDS = {
  whole: 'nothing of it is out',
  degraded: 'runs on, degraded',
  'partly lost': 'keeps the files of its other drives',
  lost: 'is lost with all its data',
} as const

/** What the pools do without the drives that were pulled in thought; the design stays as it is. */
export function PulledDrives() {
  const dispatch = useAppDispatch()
  const pulled = useAppSelector(selectPulledDrives)
  const pools = useAppSelector(selectPulledPools)
  const design = useAppSelector(selectDesign)
  const words = useAppSelector(selectWords)
  if (pulled.length === 0) return null
  return (
    <section className={styles.block} aria-label="Failures tried">
      <h2>
        {format.counted(pulled.length, 'drive')} taken as failed{' '}
        <span className="aside">only to see; the design stays as it is</span>
      </h2>
      <div role="status">
        {pools.map((pool) => {
          const severity = SEVERITY[pool.state]
          return (
            <p key={pool.poolId} data-pool-state={pool.state}>
              {severity && <SeverityShape severity={severity} />}{' '}
              {upperFirst(words.pool(pool.poolId))} {WORDS[pool.state]}
              {pool.lostBytes > 0 &&
                `; what lay on the failed ones is gone, up to ${format.drive(pool.lostBytes)}`}
              {pool.state !== 'lost' && pool.state !== 'whole' && `; ${nextWords(pool)}`}
              {pool.hurt.length > 0 && ` (${hurtWords(design, pool)})`}.
            </p>
          )
        })}
      </div>
      <button type="button" className="plain-button" onClick={() => dispatch(drivesPutBack())}>
        Put all back
      </button>
    </section>
  )
}

function nextWords({ fatalNextIds }: PulledPool): string {
  return fatalNextIds.length === 0
    ? 'it would survive any one more'
    : fatalNextIds.length === 1
      ? 'the one drive with a double frame costs data next'
      : `one more of the ${format.counted(fatalNextIds.length, 'drive')} with a double frame costs data`
}

function hurtWords(design: Parameters<typeof letteredGroups>[0], { hurt }: PulledPool): string {
  const letters = new Map(letteredGroups(design).map(({ group, letter }) => [group.id, letter]))
  return hurt
    .map(
      ({ groupIds, gone, toleratesMore }) =>
        `group ${groupIds.map((id) => letters.get(id) ?? '').join(' and ')}: ${gone} gone, ${toleratesMore < 0 ? 'too many' : `survives ${toleratesMore} more`}`,
    )
    .join('; ')
}
