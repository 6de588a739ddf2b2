import { LensFrame } from '../../sheet/LensFrame'
import { selectDesign, selectMachine, selectPointedFinding } from '../../sheet/selectors'
import { useAppSelector } from '../../store/hooks'
import { BurnInSection } from './BurnInSection'
import { Checklist } from './Checklist'
import { InsteadSection } from './InsteadSection'
import { ProveFront } from './ProveFront'
import { SeenSection } from './SeenSection'
import { TraceSection } from './TraceSection'
import { useProof } from './useProof'
import styles from './prove.module.css'

/** The machine at the bench: what is to be done, what it says of itself, and whose fault errors are. */
export function ProveLens() {
  const design = useAppSelector(selectDesign)
  const machine = useAppSelector(selectMachine)
  const pointedPartIds = useAppSelector(selectPointedFinding)?.partIds ?? []
  const proof = useProof()
  return (
    <LensFrame title="Prove" tray={<Checklist />}>
      <div className={styles.lens}>
        <ProveFront
          design={design}
          machine={machine}
          proof={proof}
          pointedPartIds={pointedPartIds}
        />
        {proof.ranked.length > 0 && <TraceSection proof={proof} />}
        <SeenSection proof={proof} />
        {proof.ranked.length === 0 && <TraceSection proof={proof} />}
        <InsteadSection proof={proof} />
        <BurnInSection proof={proof} />
      </div>
    </LensFrame>
  )
}
