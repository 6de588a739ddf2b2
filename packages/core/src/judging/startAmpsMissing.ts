import type { Machine } from '../machine/machine'
import type { Missing } from '../units/amount'
import { missingOf } from './missing'

/** The drives of which no data sheet gives the current at 12 V while they start. */
export function startAmpsMissing(
  machine: Pick<Machine, 'pieces'>,
  driveIds: readonly string[],
): Missing[] {
  return driveIds.flatMap((id) => {
    const sheet = machine.pieces.get(id)?.dataSheet
    const isMissing = sheet?.kind === 'drive' && sheet.start12VAmps === null
    return isMissing ? missingOf({ id }, 'start12VAmps') : []
  })
}
