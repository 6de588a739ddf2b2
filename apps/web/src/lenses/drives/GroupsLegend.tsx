import { letteredGroups, vdevKinds } from '@flint/core'
import { say } from '../../controls/locale'
import { HatchSwatch } from '../../drawing/hatches'
import { selectDocument, selectEvaluation } from '../../sheet/selectors'
import { baysSelected } from '../../sheet/sheetSlice'
import { useAppDispatch, useAppSelector } from '../../store/hooks'
import styles from './drives.module.css'

/** What each hatch and letter on the drawing stands for; choosing a group chooses its bays. */
export function GroupsLegend() {
  const dispatch = useAppDispatch()
  const document = useAppSelector(selectDocument)
  const { bays, capacity } = useAppSelector(selectEvaluation)
  const groups = letteredGroups(document)
  if (groups.length === 0) {
    return (
      <p className={styles.block}>
        No groups yet. Choose bays with drives in them, then take a layout from the tray.
      </p>
    )
  }
  return (
    <div className={styles.groups}>
      {groups.map(({ letter, index, group, pool }) => {
        const figure = capacity.pools.find(({ poolId }) => poolId === pool.id)
        const { plainName, bearsFailures, minimumMembers } = vdevKinds[group.kind]
        const width = group.driveIds.length
        const bears = width < minimumMembers ? 0 : bearsFailures(width)
        return (
          <div key={group.id} className={styles.group}>
            <HatchSwatch groupIndex={index} />
            <button
              type="button"
              className={styles.groupTitle}
              title="Choose its bays"
              onClick={() =>
                dispatch(
                  baysSelected(
                    bays.bays
                      .filter(({ drive }) => drive && group.driveIds.includes(drive.part.id))
                      .map(({ bay }) => bay.id),
                  ),
                )
              }
            >
              <h3>Group {letter}</h3>
              <span>
                {plainName}, {width} wide
              </span>
            </button>
            <span className="soft">
              {group.kind} in pool {pool.name}
              {figure?.capacity
                ? `, ${say.space(figure.capacity.availableBytes)} available in all`
                : ', which cannot be made'}
            </span>
            <span className="soft">
              {bears === 0
                ? 'Any failure in it loses the pool.'
                : `Bears any ${say.counted(bears, 'failure')} in it.`}
            </span>
          </div>
        )
      })}
    </div>
  )
}
