import { found } from '../../judging/finding'
import type { Rule } from '../../judging/rule'
import { piecesOf } from '../../machine/machine'

interface Facts {
  drives: number
  driveBytesPerSecond: number
  portBytesPerSecond: number
}

/** Flash on a SATA port of an older generation: the port is all it ever moves. */
export const flashOnSlowPort: Rule<'flash-on-slow-port', Facts> = {
  code: 'flash-on-slow-port',
  step: 'paths',
  find: ({ machine }) => {
    // Most machines have no flash in bays, and then nothing depends on which drive hangs where.
    if (!piecesOf(machine, 'drive').some(({ dataSheet }) => dataSheet.medium === 'flash')) return []
    const linkOf = new Map(machine.links.map((link) => [link.id, link]))
    const slow = machine.drivePaths.flatMap(({ driveId, links: way }) => {
      const sheet = machine.pieces.get(driveId)?.dataSheet
      const port = way.map((id) => linkOf.get(id)).find((link) => link?.kind === 'port')
      if (sheet?.kind !== 'drive' || sheet.medium !== 'flash' || !port) return []
      const rate = sheet.outerRateBytesPerSecond
      return rate !== null && port.bytesPerSecond < rate ? [{ driveId, rate, port }] : []
    })
    const worst = slow.reduce<(typeof slow)[number] | undefined>(
      (least, one) => (least && least.port.bytesPerSecond <= one.port.bytesPerSecond ? least : one),
      undefined,
    )
    if (!worst) return []
    const facts = {
      drives: slow.length,
      driveBytesPerSecond: worst.rate,
      portBytesPerSecond: worst.port.bytesPerSecond,
    }
    return [found('note', { partIds: slow.map(({ driveId }) => driveId) }, facts)]
  },
  sentence: ({ drives, driveBytesPerSecond, portBytesPerSecond }, { format }) => {
    const [drive, port] = format.apart(driveBytesPerSecond, portBytesPerSecond, format.rate)
    return `${format.counted(drives, 'flash drive hangs', 'flash drives hang')} on a port slower than ${drives === 1 ? 'it is' : 'they are'}: ${port} of ${drive}. Give it a faster port if there is one.`
  },
}
