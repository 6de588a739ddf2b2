import type { SendEvent } from '@flint/contract'
import { applyEdit, type Design } from '@flint/core/editing'
import {
  evaluate,
  NO_FAULTS,
  piecesOf,
  resolveMachine,
  type SimulatedFaults,
  simulatedMachine,
  suspectsOf,
} from '@flint/core/figures'

/** What the simulated machines of the demo have said, and what happened to them. */
export interface DemoBench {
  /** With what has been noted at its bench. */
  design: Design
  files: ReturnType<typeof simulatedMachine>[]
  events: SendEvent[]
}

const MS_PER_DAY = 86_400_000
const MS_PER_MINUTE = 60_000

/** How a simulated machine stood when it was asked. */
interface Asked {
  daysAgo: number
  /** That its drives have run by then. */
  hours: number
  celsius: number
  /** Of its pool. */
  usedShare: number
  /** How often each drive was written and then read from end to end. */
  timesOver: number
}

const BEGUN_DAYS_AGO = 0.55
const BURN_IN: readonly Asked[] = [
  { daysAgo: 0.6, hours: 2, celsius: 34, usedShare: 0, timesOver: 0 },
  { daysAgo: 0.3, hours: 9, celsius: 42, usedShare: 0, timesOver: 0.22 },
  { daysAgo: 0.1, hours: 14, celsius: 43, usedShare: 0, timesOver: 0.42 },
]
const OLD_MACHINE: readonly Asked[] = [
  { daysAgo: 240, hours: 21_000, celsius: 36, usedShare: 0.41, timesOver: 30 },
  { daysAgo: 150, hours: 23_160, celsius: 39, usedShare: 0.46, timesOver: 34 },
  { daysAgo: 60, hours: 25_320, celsius: 41, usedShare: 0.52, timesOver: 38 },
  { daysAgo: 1, hours: 26_736, celsius: 37, usedShare: 0.55, timesOver: 41 },
]

/**
 * What of the bench belongs to a demo design: one in the middle of its burn-in, and one with a fault to find. All of it
 * is simulated, and says so.
 *
 * @param name of the file of the design
 */
export function demoBench(name: string, design: Design, now: Date): DemoBench {
  const machine = resolveMachine(design)
  const [pool] = design.pools
  const sizeBytes = evaluate(design, machine).capacity.availableBytes
  // To the minute, so that a demo that is put back says the same of its bench.
  const minute = Math.floor(now.getTime() / MS_PER_MINUTE) * MS_PER_MINUTE
  const at = (daysAgo: number): string => new Date(minute - daysAgo * MS_PER_DAY).toISOString()
  const gathered = (
    rows: readonly Asked[],
    faultsAtLast: Partial<SimulatedFaults>,
  ): DemoBench['files'] =>
    rows.map(({ daysAgo, hours, celsius, usedShare, timesOver }, index) =>
      simulatedMachine(
        design,
        machine,
        index === rows.length - 1 ? { ...NO_FAULTS, ...faultsAtLast } : NO_FAULTS,
        {
          at: at(daysAgo),
          hours,
          celsius,
          timesOver,
          pools:
            pool && usedShare > 0
              ? [{ name: pool.name, sizeBytes, usedBytes: Math.round(usedShare * sizeBytes) }]
              : [],
        },
      ),
    )
  switch (name) {
    case 'warm-room-shelf': {
      const burningIn = applyEdit(design, {
        do: 'note-burn-in',
        pieceIds: piecesOf(machine, 'drive').map(({ id }) => id),
        burnIn: { startedAt: at(BEGUN_DAYS_AGO), doneShare: null, lookedAt: null, endedAt: null },
      })
      return { design: burningIn, files: gathered(BURN_IN, {}), events: [] }
    }
    case 'drawer-of-drives': {
      const suspects = suspectsOf(machine)
      const faulty = suspects.find(({ kind }) => kind === 'controller') ?? null
      const badDriveId = suspects.find(({ kind }) => kind === 'drive')?.driveIds[0] ?? null
      return {
        design,
        files: gathered(OLD_MACHINE, { faulty, badDriveId }),
        events: [
          { at: at(240), kind: 'note', text: 'Moved into the drawer (simulated).' },
          { at: at(90), kind: 'cleaned', text: 'Filter full of dust (simulated).' },
          { at: at(3), kind: 'moved', text: 'Card into another slot (simulated).' },
        ],
      }
    }
    default:
      return { design, files: [], events: [] }
  }
}
