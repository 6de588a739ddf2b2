import { type Machine, piecesOf } from '../machine/machine'
import type { PieceId } from '../machine/piece'
import type { StateDesign } from './machineStates'
import { idlePower, type PowerFigure } from './idlePower'
import { supplyLoss } from './supplyLoss'

/** What takes watts that need not be: on average over the day for disks, and idle for all else. */
export type Saving =
  | { what: 'disks sleep'; watts: number; spinDownMinutes: number }
  | { what: 'veto'; watts: number; partIds: PieceId[] }
  | { what: 'better supply'; watts: number; supplyId: PieceId }
  | { what: 'UPS'; watts: number; upsId: PieceId }
  | { what: 'management'; watts: number; boardId: PieceId }

/** Less is not worth a line. */
export const WORTH_WATTS = 0.5
const BEST_CERTIFICATE = 'titanium'
/** A house that lets disks sleep, to see what it saves. Common practice, no source: 20 to 30 minutes. */
const USUAL_SPIN_DOWN_MINUTES = 30

/**
 * What could be saved, each by itself?
 *
 * Nothing here is advice: each costs something, in money or in what the machine can do.
 *
 * @returns the greatest first; empty without a supply
 */
export function savings(design: StateDesign, machine: Machine, power: PowerFigure): Saving[] {
  const { mean, dc } = power
  if (!mean) return []
  const [supply] = piecesOf(machine, 'supply')
  const [ups] = piecesOf(machine, 'ups')
  const board = piecesOf(machine, 'board').find(({ dataSheet }) => dataSheet.managementController)
  const found: Saving[] = [
    {
      what: 'disks sleep',
      watts: bySleeping(design, machine, mean.likely),
      spinDownMinutes: USUAL_SPIN_DOWN_MINUTES,
    },
    { what: 'veto', watts: power.veto.likely, partIds: power.vetoPartIds },
  ]
  if (supply) {
    const lossOf = (sheet: typeof supply.dataSheet): number =>
      supplyLoss(dc.likely, sheet, design.brief.mainsVolts).likely
    const better = lossOf({ ...supply.dataSheet, certificate: BEST_CERTIFICATE })
    const watts = lossOf(supply.dataSheet) - better
    found.push({ what: 'better supply', watts, supplyId: supply.id })
  }
  if (ups) found.push({ what: 'UPS', watts: ups.dataSheet.idleWatts ?? 0, upsId: ups.id })
  if (board) {
    // What it draws when it is off is mostly the controller, which nobody gives apart from it.
    found.push({
      what: 'management',
      watts: board.dataSheet.offWatts ?? 0,
      boardId: board.id,
    })
  }
  return found
    .filter(({ watts }) => watts >= WORTH_WATTS)
    .toSorted((one, other) => other.watts - one.watts)
}

function bySleeping(design: StateDesign, machine: Machine, meanWatts: number): number {
  if (design.houseRules.spinDownMinutes !== null || design.brief.day !== null) return 0
  const asleep = idlePower(
    { ...design, houseRules: { spinDownMinutes: USUAL_SPIN_DOWN_MINUTES } },
    machine,
  )
  return meanWatts - (asleep.mean?.likely ?? meanWatts)
}
