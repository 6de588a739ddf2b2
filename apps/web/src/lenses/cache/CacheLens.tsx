import { partChoices } from '@flint/core/editing'
import { servicesFigure } from '@flint/core/figures'
import { useMemo } from 'react'
import { useWidth } from '../../drawing/useWidth'
import { LensFrame } from '../../sheet/LensFrame'
import { selectPointedFinding, selectShownDesign, selectShownMachine } from '../../sheet/selectors'
import { useAppSelector } from '../../store/hooks'
import { Findings } from '../../tray/Findings'
import { PartOffers } from '../../tray/PartOffers'
import tray from '../../tray/tray.module.css'
import { AddService } from './AddService'
import { DevicesDrawing } from './DevicesDrawing'
import { MemoryTable } from './MemoryTable'
import { PoolScript } from './PoolScript'
import { ServiceEntry } from './ServiceEntry'
import { SystemSchools } from './SystemSchools'
import { TenantsSection } from './TenantsSection'
import { WhatWaits } from './WhatWaits'
import styles from './cache.module.css'

/** Boot devices and M.2 flash are chosen in the core, and here too. */
const DEVICES = partChoices('core').filter(({ title }) => title === 'Boot, M.2')

const NOTHING_POINTED: readonly string[] = []

/** Small fast devices: what each does, for which pool, how long it lasts, and where the memory goes. */
export function CacheLens() {
  const design = useAppSelector(selectShownDesign)
  const machine = useAppSelector(selectShownMachine)
  const pointedPartIds = useAppSelector(selectPointedFinding)?.partIds ?? NOTHING_POINTED
  const [paneRef, widthPx] = useWidth()
  const figure = useMemo(() => servicesFigure(design, machine), [design, machine])
  const devices = figure.devices.map(({ device }) => device)
  return (
    <LensFrame
      title="Cache"
      tray={
        <>
          {DEVICES.map((choice) => (
            <section key={choice.title} className={tray.section}>
              <h2>{choice.title}</h2>
              <PartOffers {...choice} />
            </section>
          ))}
          <Findings />
        </>
      }
    >
      <div ref={paneRef} className={styles.lens}>
        <section aria-label="Small devices">
          <h2>
            Small devices
            <span className="aside">to scale; what is hatched is free</span>
          </h2>
          {devices.length === 0 ? (
            <p className="soft">
              No boot device and no flash that is in no group: the tray has some.
            </p>
          ) : (
            <DevicesDrawing
              figure={figure}
              machine={machine}
              pools={design.pools}
              widthPx={widthPx}
              pointedPartIds={pointedPartIds}
            />
          )}
        </section>
        <TenantsSection />
        <section aria-label="What they do">
          <h2>What they do</h2>
          <ul className={styles.services}>
            {figure.services.map((one) => (
              <ServiceEntry key={one.service.id} figure={one} devices={devices} />
            ))}
          </ul>
          <AddService present={figure.services} />
        </section>
        <MemoryTable figure={figure} />
        <WhatWaits />
        <SystemSchools />
        <p className="soft">
          What is written a day is an estimate from the brief (common practice, no source): 5 GB by
          the system, of images of machines what is added and a hundredth anew, of everything else
          what is added. Flash writes one to four times as much inside; two is taken as likely.
        </p>
        <PoolScript />
      </div>
    </LensFrame>
  )
}
