import { PlanCables } from '../../drawing/PlanCables'
import { PlanView } from '../../drawing/PlanView'
import { RearView } from '../../drawing/RearView'
import { selectPointedFinding, selectShownDesign, selectShownMachine } from '../../sheet/selectors'
import { useAppSelector } from '../../store/hooks'
import styles from './drives.module.css'

/** The machine with its cover off and from behind, with the drives where they are. */
export function DrivesPlan({ widthPx }: { widthPx: number }) {
  const machine = useAppSelector(selectShownMachine)
  const design = useAppSelector(selectShownDesign)
  const pointedPartIds = useAppSelector(selectPointedFinding)?.partIds ?? []
  return (
    <div className={styles.plan}>
      <PlanView
        machine={machine}
        design={design}
        widthPx={widthPx}
        pointedPartIds={pointedPartIds}
        overlay={(pxPerMm) => <PlanCables machine={machine} pxPerMm={pxPerMm} />}
      />
      <RearView machine={machine} pointedPartIds={pointedPartIds} />
    </div>
  )
}
