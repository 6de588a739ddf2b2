import type { PartChoice } from '@flint/core/editing'
import { machineReadRate, networkPorts, PACKET_BYTES, readersOf } from '@flint/core/figures'
import { useState } from 'react'
import { RearView } from '../../drawing/RearView'
import { LensFrame } from '../../sheet/LensFrame'
import { focusFirstOffer } from '../../sheet/toOffers'
import { selectDesign, selectPointedFinding, selectMachine } from '../../sheet/selectors'
import { useAppSelector } from '../../store/hooks'
import { Findings } from '../../tray/Findings'
import { PartOffers } from '../../tray/PartOffers'
import tray from '../../tray/tray.module.css'
import { ChosenParts } from '../ChosenParts'
import { AddressPlan } from './AddressPlan'
import { BundleTable } from './BundleTable'
import { CopyTimesTable } from './CopyTimesTable'
import { PortsTable } from './PortsTable'
import { ReadersSection } from './ReadersSection'
import { SmallChoice } from '../../controls/SmallChoice'
import styles from './network.module.css'

const CARDS: PartChoice = {
  title: 'Network cards',
  noun: 'network card',
  takes: ({ kind }) => kind === 'nic',
}
const SWITCHES: PartChoice = {
  title: 'Switches',
  noun: 'switch',
  takes: ({ kind }) => kind === 'switch',
}

/** Somebody whose own link holds nothing back. */
const ANYBODY = readersOf({ readers: [], readersAtOnce: 1 }, 1)

/** The machines at the other end, network ports, what several readers get over them, and how long copies take. */
export function NetworkLens() {
  const design = useAppSelector(selectDesign)
  const machine = useAppSelector(selectMachine)
  const pointed = useAppSelector(selectPointedFinding)
  const [packetBytes, setPacketBytes] = useState<number>(PACKET_BYTES.usual)
  const [chosenPool, setChosenPool] = useState<string | null>(null)
  const ports = networkPorts(machine.ofKind)
  // A pool that is gone is not chosen any more.
  const poolId = design.pools.find(({ id }) => id === chosenPool)?.id ?? null
  const anybody = ANYBODY.map((one) => ({ ...one, poolId }))
  const machineBytesPerSecond = machineReadRate(design, machine, anybody, 'any') ?? Infinity
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
          <section className={tray.section}>
            <h2>{SWITCHES.title}</h2>
            <PartOffers {...SWITCHES} />
          </section>
          <Findings />
        </>
      }
    >
      <div className={styles.tables}>
        <ReadersSection />
        <AddressPlan />
        <PortsTable packetBytes={packetBytes} />
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
              {bytes === PACKET_BYTES.jumbo && ', which every switch and card on the way must take'}
            </label>
          ))}
        </fieldset>
        {design.pools.length > 1 && (
          <SmallChoice
            label="Rates from"
            value={poolId ?? ''}
            width={240}
            options={[
              { value: '', text: 'each one’s own, or the largest' },
              ...design.pools.map(({ id, name }) => ({ value: id, text: name })),
            ]}
            onChange={(value) => {
              setChosenPool(value === '' ? null : value)
            }}
          />
        )}
        <BundleTable packetBytes={packetBytes} poolId={poolId} />
        <CopyTimesTable
          ports={ports}
          machineBytesPerSecond={machineBytesPerSecond}
          packetBytes={packetBytes}
        />
        <ChosenParts choices={[CARDS, SWITCHES]} onChoose={focusFirstOffer} />
        <RearView machine={machine} pointedPartIds={pointedPartIds} />
      </div>
    </LensFrame>
  )
}
