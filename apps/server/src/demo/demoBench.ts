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

/**
 * Days ago, hours that the drives have run by then, how warm they were, the share of the pool that was full, and how often
 * each drive was written and read from end to end.
 */
const BURN_IN = [
  [0.6, 2, 34, 0, 0],
  [0.3, 9, 42, 0, 0.22],
  [0.1, 14, 43, 0, 0.42],
] as const
const BEGUN_DAYS_AGO = 0.55
const OLD_MACHINE = [
  [240, 21_000, 36, 0.41, 30],
  [150, 23_160, 39, 0.46, 34],
  [60, 25_320, 41, 0.52, 38],
  [1, 26_736, 37, 0.55, 41],
] as const

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
    rows: readonly (readonly [number, number, number, number, number])[],
    faultsAtLast: Partial<SimulatedFaults>,
  ): DemoBench['files'] =>
    rows.map(([daysAgo, hours, celsius, usedShare, timesOver], index) =>
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
