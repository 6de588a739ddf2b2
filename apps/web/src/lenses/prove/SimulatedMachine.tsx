import { sheetName } from '@flint/core/editing'
import {
  NEW_MACHINE,
  NO_FAULTS,
  type SimulatedFaults,
  simulatedMachine,
  suspectsOf,
} from '@flint/core/figures'
import { useState } from 'react'
import { useSendCollectedMutation } from '../../api/api'
import { SmallChoice } from '../../controls/SmallChoice'
import { selectDesign, selectDesignId, selectMachine } from '../../sheet/selectors'
import { useAppSelector } from '../../store/hooks'

const NOTHING_WRONG = ''

/** A stand-in for a machine that is not built yet, with a fault to find. */
export function SimulatedMachine() {
  const designId = useAppSelector(selectDesignId)
  const design = useAppSelector(selectDesign)
  const machine = useAppSelector(selectMachine)
  const [send] = useSendCollectedMutation()
  const [fault, setFault] = useState(NOTHING_WRONG)
  const drives = machine.ofKind.drive ?? []
  const shared = suspectsOf(machine).filter(({ kind }) => kind !== 'drive')
  const [first] = drives
  const card = machine.ofKind.controller?.[0] ?? machine.ofKind.nic?.[0]
  const faults: { value: string; text: string; fault: Partial<SimulatedFaults> }[] = [
    { value: NOTHING_WRONG, text: 'nothing wrong', fault: {} },
    ...shared.map((faulty) => ({
      value: `faulty ${faulty.id}`,
      text: `faulty: ${faulty.name}`,
      fault: { faulty },
    })),
    ...(first
      ? [
          {
            value: 'bad drive',
            text: `bad drive: ${sheetName(first.dataSheet)}`,
            fault: { badDriveId: first.id },
          },
          {
            value: 'not plugged in',
            text: `not plugged in: ${sheetName(first.dataSheet)}`,
            fault: { unseenDriveId: first.id },
          },
          {
            value: 'old pool',
            text: `old pool on: ${sheetName(first.dataSheet)}`,
            fault: { oldPoolDriveId: first.id },
          },
        ]
      : []),
    ...(card
      ? [
          {
            value: 'narrow slot',
            text: `narrow slot: ${sheetName(card.dataSheet)}`,
            fault: { narrowCardId: card.id },
          },
        ]
      : []),
  ]
  const gather = (): void => {
    const chosen = faults.find(({ value }) => value === fault)?.fault
    const file = simulatedMachine(
      design,
      machine,
      { ...NO_FAULTS, ...chosen },
      {
        ...NEW_MACHINE,
        at: new Date().toISOString(),
      },
    )
    void send({ id: designId, file })
  }
  if (drives.length === 0) return null
  return (
    <>
      <SmallChoice
        label="Simulated machine"
        width={230}
        value={fault}
        options={faults}
        onChange={setFault}
      />
      <button type="button" className="plain-button" onClick={gather}>
        Ask the simulated machine
      </button>
    </>
  )
}
