import { kindOf } from '../catalogue/partKinds'
import { DRIVE_RAIL_VOLTS } from '../catalogue/plugs'
import { wattsOf } from '../catalogue/wattsOf'
import { drivesOutside } from '../machine/drivesOutside'
import { type Machine, piecesOf } from '../machine/machine'
import type { Missing } from '../units/amount'

export interface StartSurge {
  /**
   * Current from the 12 V rails when every drive starts at once and the rest of the machine idles; at least that,
   * when a value of it is missing.
   */
  amps: number
  /** What the rails carry together, as far as it is known. */
  ratedAmps: number
  missing: Missing[]
}

/**
 * What do the 12 V rails carry at the moment when all drives start together?
 *
 * Drives in an enclosure start from its own supply. The rest of the machine is counted as if all of it were fed
 * from 12 V, which is true of most of it. The rails of several supplies count together.
 *
 * @returns null without a supply
 */
export function startSurge(machine: Machine): StartSurge | null {
  const supplies = piecesOf(machine, 'supply')
  if (supplies.length === 0) return null
  const elsewhere = new Set([...machine.awayIds, ...drivesOutside(machine)])
  const starting = piecesOf(machine, 'drive').filter(
    ({ id, needs }) => needs.some(({ kind }) => kind === 'bay') && !elsewhere.has(id),
  )
  const idleWatts = machine.inOrder.reduce((sum, { kind, dataSheet }) => {
    return kind === 'drive' || kindOf(dataSheet).stands !== 'inside'
      ? sum
      : sum + (wattsOf(dataSheet, 'kept awake') ?? 0)
  }, 0)
  const driveAmps = starting.reduce((sum, { dataSheet }) => sum + (dataSheet.start12VAmps ?? 0), 0)
  const missing = (
    pieces: readonly { id: string }[],
    field: 'rated12VAmps' | 'start12VAmps',
  ): Missing[] => pieces.map(({ id }) => ({ pieceId: id, field }))
  return {
    amps: driveAmps + idleWatts / DRIVE_RAIL_VOLTS,
    ratedAmps: supplies.reduce((sum, { dataSheet }) => sum + (dataSheet.rated12VAmps ?? 0), 0),
    missing: [
      ...missing(
        supplies.filter(({ dataSheet }) => dataSheet.rated12VAmps === null),
        'rated12VAmps',
      ),
      ...missing(
        starting.filter(({ dataSheet }) => dataSheet.start12VAmps === null),
        'start12VAmps',
      ),
    ],
  }
}
