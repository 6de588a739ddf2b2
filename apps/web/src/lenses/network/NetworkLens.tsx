import type { PartChoice } from '@flint/core/editing'
import { machineReadRate, networkPorts, PACKET_BYTES } from '@flint/core/figures'
import { useState } from 'react'
import { RearView } from '../../drawing/RearView'
import planStyles from '../../drawing/plan.module.css'
import { LensFrame } from '../../sheet/LensFrame'
import { selectDesign, selectPointedFinding, selectMachine } from '../../sheet/selectors'
import { useAppSelector } from '../../store/hooks'
import { Findings } from '../../tray/Findings'
import { PartOffers } from '../../tray/PartOffers'
import tray from '../../tray/tray.module.css'
import { ChosenParts } from '../ChosenParts'
import { CopyTimesTable } from './CopyTimesTable'
import { PortsTable } from './PortsTable'
import { ReadersTable } from './ReadersTable'
import styles from './network.module.css'

const CARDS: PartChoice = {
  title: 'Network cards',
  noun: 'network card',
  takes: ({ kind }) => kind === 'nic',
}

/** Network ports, what several readers get over them, and how long copies take. */
export function NetworkLens() {
  const design = useAppSelector(selectDesign)
  const machine = useAppSelector(selectMachine)
  const pointed = useAppSelector(selectPointedFinding)
  const [packetBytes, setPacketBytes] = useState<number>(PACKET_BYTES.usual)
  const ports = networkPorts(machine.ofKind)
  const machineBytesPerSecond = machineReadRate(design, machine, 1, 'any') ?? Infinity
  const pointedPartIds = pointed?.partIds ?? []
  return (
    <LensFrame
      title="Network"
      tray={
        <>
          <section className={tray.section}>
            <h2>{CARDS.title}</h2>
            <PartOffers {...CARDS} />
          </section>
          <Findings />
        </>
      }
    >
      <div className={planStyles.plan}>
        <div className={styles.tables}>
          <fieldset className={styles.packets}>
            <legend className="only-for-readers">Largest packet</legend>
            {Object.values(PACKET_BYTES).map((bytes) => (
              <label key={bytes}>
                <input
                  type="radio"
                  name="packets"
                  checked={bytes === packetBytes}
                  onChange={() => {
                    setPacketBytes(bytes)
                  }}
                />{' '}
                packets of {bytes.toLocaleString('en')} bytes
                {bytes === PACKET_BYTES.jumbo &&
                  ', which every switch and card on the way must take'}
              </label>
            ))}
          </fieldset>
          <PortsTable ports={ports} machine={machine} packetBytes={packetBytes} />
          <ReadersTable ports={ports} packetBytes={packetBytes} />
          <CopyTimesTable
            ports={ports}
            machineBytesPerSecond={machineBytesPerSecond}
            packetBytes={packetBytes}
          />
          <ChosenParts choices={[CARDS]} pointedPartIds={pointedPartIds} />
        </div>
        <div className={planStyles.beside}>
          <RearView machine={machine} pointedPartIds={pointedPartIds} />
        </div>
      </div>
    </LensFrame>
  )
}
