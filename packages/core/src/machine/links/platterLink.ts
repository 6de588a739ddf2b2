import { USUAL_DRIVE_BYTES_PER_SECOND } from '../linkRates'
import type { Piece } from '../piece'
import type { Link } from './link'

/** A drive's platters or cells. */
export function platterLink({ id, dataSheet }: Piece<'drive'>): Link {
  const rate = dataSheet.outerRateBytesPerSecond
  const known = dataSheet.medium === 'flash' ? 'as its data sheet has it' : 'at its outer edge'
  return {
    kind: 'platter',
    id: `drive-${id}`,
    name: dataSheet.model,
    bytesPerSecond: rate ?? USUAL_DRIVE_BYTES_PER_SECOND,
    reason: rate === null ? 'not on the data sheet; 150 MB/s assumed' : known,
    known: rate !== null,
    partIds: [id],
  }
}
