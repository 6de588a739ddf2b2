import type { Brief } from '../design/brief'
import { type Machine, piecesOf } from '../machine/machine'
import type { PieceId } from '../machine/piece'
import type { Amount } from '../units/amount'
import { supplyLoss } from './supplyLoss'

/**
 * What do all supplies take from the wall to deliver so much?
 *
 * What a supply feeds through its drive leads counts as its load; all else is the first supply's.
 *
 * @param drawnBy what each piece draws, for those on leads of further supplies
 * @returns null without a supply
 */
export function atTheWall(
  machine: Machine,
  drawnBy: ReadonlyMap<PieceId, Amount<'W'>>,
  dc: Amount<'W'>,
  mainsVolts: Brief['mainsVolts'],
): Amount<'W'> | null {
  const [first, ...others] = piecesOf(machine, 'supply')
  if (!first) return null
  const leads = others.length > 0 ? (machine.wiring.power?.leads ?? []) : []
  const wallOf = (end: 'low' | 'likely' | 'high'): number => {
    const ofOthers = others.map(({ id, dataSheet }) => {
      const driveIds = leads.flatMap(({ lead, driveIds: on }) =>
        lead.ref.supplyId === id ? on : [],
      )
      const watts = driveIds.reduce((sum, one) => sum + (drawnBy.get(one)?.[end] ?? 0), 0)
      return { watts, wall: watts + supplyLoss(watts, dataSheet, mainsVolts)[end] }
    })
    const elsewhere = ofOthers.reduce((sum, { watts }) => sum + watts, 0)
    const atOthers = ofOthers.reduce((sum, { wall }) => sum + wall, 0)
    const here = Math.max(0, dc[end] - elsewhere)
    return here + supplyLoss(here, first.dataSheet, mainsVolts)[end] + atOthers
  }
  return { ...dc, low: wallOf('low'), likely: wallOf('likely'), high: wallOf('high') }
}
