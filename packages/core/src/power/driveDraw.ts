import type { Piece } from '../machine/piece'
import { type Amount, exactly } from '../units/amount'
import { drawnWatts } from './drawnWatts'

/** What a drive does. */
export type DriveActivity = 'asleep' | 'spinning' | 'reading' | 'starting'

const DRIVE_VOLTS = 12

/** What does a drive draw while it does that? Flash has nothing to stop, and starts without a surge. */
export function driveDraw(drive: Piece<'drive'>, activity: DriveActivity): Amount<'W'> {
  const isDisk = drive.dataSheet.medium === 'disk'
  switch (activity) {
    case 'asleep':
      return drawnWatts(drive, isDisk ? 'asleep' : 'idle')
    case 'spinning':
      return drawnWatts(drive, 'idle')
    case 'reading':
      return drawnWatts(drive, 'busy')
    case 'starting': {
      if (!isDisk) return drawnWatts(drive, 'idle')
      const { start12VAmps } = drive.dataSheet
      return start12VAmps === null
        ? exactly(0, 'W', [{ pieceId: drive.id, field: 'start12VAmps' }])
        : exactly(start12VAmps * DRIVE_VOLTS, 'W')
    }
  }
}
