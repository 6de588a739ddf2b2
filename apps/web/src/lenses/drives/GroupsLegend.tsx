import { type LetteredGroup, letteredGroups } from '@flint/core/editing'
import { familyOf, upperFirst } from '@flint/core/figures'
import { useState } from 'react'
import { format } from '../../controls/locale'
import { HatchSwatch } from '../../drawing/hatches'
import { selectDesign, selectBayPlan, selectEvaluation, selectWords } from '../../sheet/selectors'
import { baysSelected } from '../../store/sheetSlice'
import { useAppDispatch, useAppSelector } from '../../store/hooks'
import styles from './drives.module.css'
import { PoolDetails } from './PoolDetails'

/** What each hatch and letter on the drawing stands for; choosing a group chooses its bays. */
export function GroupsLegend() {
  const design = useAppSelector(selectDesign)
  const { capacity } = useAppSelector(selectEvaluation)
  const [shownPool, setShownPool] = useState<string | null>(null)
  const words = useAppSelector(selectWords)
  const groups = letteredGroups(design)
  if (groups.length === 0) {
    return (
      <p className={styles.block}>
        No groups yet. Choose bays with drives in them, then take a layout from the tray, or look at
        all that they could be.
      </p>
    )
  }
  const shown = design.pools.find(({ id }) => id === shownPool)
  return (
    <>
      {design.pools.map((pool) => {
        const figure = capacity.pools.find(({ poolId }) => poolId === pool.id)
        return (
          <section
            key={pool.id}
            className={styles.pool}
            aria-label={upperFirst(words.pool(pool.id))}
          >
            <div className={styles.poolTitle}>
              <h3>{upperFirst(words.pool(pool.id))}</h3>
              <span className="soft">
                {familyOf(pool).title}
                {figure &&
                  (figure.capacity
                    ? `, ${format.space(figure.capacity.availableBytes)} available`
                    : ', cannot be made')}
              </span>
              <button
                type="button"
                className="plain-button"
                onClick={() => {
                  setShownPool(pool.id)
                }}
              >
                How it behaves
              </button>
            </div>
            <div className={styles.groups}>
              {groups
                .filter((lettered) => lettered.pool === pool)
                .map((lettered) => (
                  <GroupEntry key={lettered.group.id} lettered={lettered} />
                ))}
            </div>
          </section>
        )
      })}
      {shown && (
        <PoolDetails
          pool={shown}
          onClose={() => {
            setShownPool(null)
          }}
        />
      )}
    </>
  )
}

function GroupEntry({ lettered }: { lettered: LetteredGroup }) {
  const { letter, index, group, pool } = lettered
  const dispatch = useAppDispatch()
  const bays = useAppSelector(selectBayPlan)
  const { label, nativeName } = familyOf(pool).groupWords(group)
  return (
    <div className={styles.group}>
      <HatchSwatch groupIndex={index} />
      <button
        type="button"
        className={styles.groupTitle}
        title="Choose its bays"
        onClick={() =>
          dispatch(
            baysSelected(
              [
                ...bays.bays.map(({ bay, drive }) => ({ id: bay.id, drive })),
                ...bays.sockets,
              ].flatMap(({ id, drive }) =>
                drive && group.driveIds.includes(drive.part.id) ? [id] : [],
              ),
            ),
          )
        }
      >
        <h3>Group {letter}</h3>
        <span>
          {label}, {group.driveIds.length} wide
        </span>
      </button>
      <span className="soft">
        {nativeName ? `${nativeName}. ` : ''}
        {toleratesWords(lettered)}
      </span>
    </div>
  )
}

/** What the group tolerates, or the set of drives that it is part of. */
function toleratesWords({ group, pool }: LetteredGroup): string {
  const family = familyOf(pool)
  const own = family.failureGroups(pool).filter(({ groupIds }) => groupIds.includes(group.id))
  if (own.length === 0) return 'Takes the place of the next drive that fails.'
  const tolerates = Math.min(...own.map((set) => set.tolerates))
  const any = `any ${format.counted(tolerates, 'failure')}`
  if (family.beyond === 'failed drives') {
    const isParity = own.some(({ parityIds = [] }) =>
      group.driveIds.every((id) => parityIds.includes(id)),
    )
    return isParity
      ? `With it the pool survives ${any}.`
      : 'Beyond what parity covers, only the failed drives’ files are gone.'
  }
  if (tolerates === 0) return 'Any failure in it loses the pool.'
  return own.length > 1
    ? `Survives ${any} in each of its ${format.number(own.length)} pairs.`
    : `Survives ${any} in it.`
}
