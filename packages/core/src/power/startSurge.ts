import { kindOf } from '../catalogue/partKinds'
import { type Machine, piecesOf } from '../machine/machine'

const DRIVE_RAIL_VOLTS = 12

export interface StartSurge {
  /** Current from the 12 V rails when every drive starts at once and the rest of the machine idles. */
  amps: number
  ratedAmps: number
}

/**
 * What do the 12 V rails carry at the moment when all drives start together?
 *
 * Drives in an enclosure start from its own supply. The rest of the machine is counted as if all of it were fed
 * from 12 V, which is true of most of it. The rails of several supplies count together.
 *
 * @returns null without a supply; otherwise the pieces whose data sheet lacks the current, if any
 */
export function startSurge(machine: Machine): StartSurge | { notKnownPartIds: string[] } | null {
  const supplies = piecesOf(machine, 'supply')
  if (supplies.length === 0) return null
  const inside = new Set(
    machine.blocks.flatMap(({ isOutside, bayIds }) =>
      isOutside ? [] : bayIds.flatMap((id) => machine.driveIn.get(id) ?? []),
    ),
  )
  const starting = piecesOf(machine, 'drive').filter(({ id }) => inside.has(id))
  const withoutValue = [
    ...supplies.filter(({ dataSheet }) => dataSheet.rated12VAmps === null),
    ...starting.filter(({ dataSheet }) => dataSheet.start12VAmps === null),
  ]
  if (withoutValue.length > 0) return { notKnownPartIds: withoutValue.map(({ id }) => id) }
  const idleWatts = machine.inOrder.reduce((sum, { kind, dataSheet }) => {
    const { stands, draws } = kindOf(dataSheet)
    return kind === 'drive' || stands !== 'inside'
      ? sum
      : sum + (draws(dataSheet)['kept awake'] ?? 0)
  }, 0)
  const driveAmps = starting.reduce((sum, { dataSheet }) => sum + (dataSheet.start12VAmps ?? 0), 0)
  return {
    amps: driveAmps + idleWatts / DRIVE_RAIL_VOLTS,
    ratedAmps: supplies.reduce((sum, { dataSheet }) => sum + (dataSheet.rated12VAmps ?? 0), 0),
  }
}
