import { kindOf } from '../catalogue/partKinds'
import type { MachineStateId } from '../design/brief'
import type { Design } from '../design/design'
import type { Edit } from '../design/edits/edit'
import { type Machine, piecesOf } from '../machine/machine'
import type { PieceId } from '../machine/piece'
import { idlePower } from '../power/idlePower'
import { supplyLoss } from '../power/supplyLoss'

/** What taking a piece out says about it. */
export interface PullTest {
  pieceId: PieceId
  /** Of the data sheet: what the reading is about. */
  field: string
  /** Behind the supply, at least 0. */
  watts: number
  /** What the data sheet says; null where it says nothing. */
  sheetWatts: number | null
  /** Of the difference what the CPU saves, since nothing else keeps it awake; 0 where it sleeps anyway, or never. */
  cpuWatts: number
  /** Takes the watts over, as measured, for this design alone. */
  edit: Edit
}

const HALVINGS = 40

/**
 * What does a piece draw by itself, from what the meter showed before it was taken out and after?
 *
 * Both figures are brought behind the supply first, whose loss falls with the load. Where the piece alone kept the CPU
 * awake, what the CPU saves without it is told apart. All pieces of its data sheet are taken to be alike.
 *
 * @param wattsBefore at the wall, with the piece; `wattsAfter` without it, in the same state
 * @returns null without a supply, and for a piece that draws nothing by itself
 */
export function pullTest(
  design: Design,
  machine: Machine,
  pieceId: PieceId,
  wattsBefore: number,
  wattsAfter: number,
  state: MachineStateId,
): PullTest | null {
  const piece = machine.pieces.get(pieceId)
  const [supply] = piecesOf(machine, 'supply')
  const snapshotId = design.fitted.find(({ id }) => id === pieceId)?.snapshotId
  if (!piece || !supply || snapshotId === undefined) return null
  const sheet = piece.dataSheet
  const field = fieldFor(kindOf(sheet).draws, sheet.kind, state)
  if (field === null) return null
  const power = idlePower(design, machine)
  const behind = (wall: number): number => {
    let [low, high] = [0, Math.max(0, wall - power.beside.likely)]
    const own = high
    for (let step = 0; step < HALVINGS; step += 1) {
      const middle = (low + high) / 2
      const drawn = middle + supplyLoss(middle, supply.dataSheet, design.brief.mainsVolts).likely
      if (drawn < own) low = middle
      else high = middle
    }
    return low
  }
  const isOnlyVeto = power.vetoPartIds.length === 1 && power.vetoPartIds[0] === pieceId
  const isIdle = state === 'spinning' || state === 'asleep'
  const difference = Math.max(0, behind(wattsBefore) - behind(wattsAfter))
  const cpuWatts = isOnlyVeto && isIdle ? Math.min(difference, power.veto.likely) : 0
  const watts = Math.round((difference - cpuWatts) * 10) / 10
  const value = (sheet as unknown as Record<string, number | null>)[field] ?? null
  return {
    pieceId,
    field,
    watts,
    sheetWatts: value,
    cpuWatts,
    edit: {
      do: 'change-sheet',
      snapshotId,
      change: { [field]: watts, sources: { ...sheet.sources, [field]: 'measured' } },
    },
  }
}

function fieldFor(
  draws: ReturnType<typeof kindOf>['draws'],
  kind: string,
  state: MachineStateId,
): string | null {
  if (kind === 'drive' && state === 'asleep') return draws.asleep
  if (kind === 'drive' && (state === 'scrub' || state === 'all readers')) return draws.busy
  return draws.idle
}
