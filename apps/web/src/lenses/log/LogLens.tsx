import { LensFrame } from '../../sheet/LensFrame'
import { useProof } from '../prove/useProof'
import { AwaySection } from './AwaySection'
import { DriveNotes } from './DriveNotes'
import { EventsSection } from './EventsSection'
import { FillSection } from './FillSection'
import { HealthSection } from './HealthSection'
import { Reminders } from './Reminders'
import { TemperaturesSection } from './TemperaturesSection'
import { WarmthSection } from './WarmthSection'
import { WattsSection } from './WattsSection'
import styles from './log.module.css'

/** What happens to the machine over time: events, watts, warmth, how full it is, and what is to be done again. */
export function LogLens() {
  const proof = useProof()
  const files = proof.files ?? []
  return (
    <LensFrame
      title="Log"
      tray={
        <>
          <AwaySection />
          <Reminders />
          <DriveNotes proof={proof} />
        </>
      }
    >
      <div className={styles.lens}>
        <EventsSection />
        <div className={styles.besides}>
          <WattsSection />
          <WarmthSection files={files} />
          <FillSection files={files} />
          <HealthSection files={files} found={proof.found} />
          <TemperaturesSection />
        </div>
      </div>
    </LensFrame>
  )
}
