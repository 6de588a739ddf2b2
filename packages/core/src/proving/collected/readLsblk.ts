import { booleanOf, countOf, listOf, objectOf, textOf } from './fields'
import type { SeenDrive } from './seenMachine'

/** Block devices that are no drives: loops, memory, volumes of pools, optical drives. */
const NO_DRIVE = /^(loop|ram|zram|zd|md|dm-|sr|fd|nbd)/

/**
 * Drives from the list of block devices, with what is on them.
 *
 * @param text `lsblk -J -b`, with NAME, SIZE, MODEL, SERIAL, ROTA, TRAN and, where it is asked for, FSTYPE
 * @throws SyntaxError where it is no JSON
 * Source of the fields: the manual of lsblk (util-linux), from memory.
 */
export function readLsblk(text: string): SeenDrive[] {
  return listOf(objectOf(JSON.parse(text)).blockdevices).flatMap((raw): SeenDrive[] => {
    const device = objectOf(raw)
    const name = textOf(device.name)
    const kind = textOf(device.type)
    if (name === null || NO_DRIVE.test(name) || (kind !== null && kind !== 'disk')) return []
    return [
      {
        device: name,
        model: textOf(device.model),
        serial: textOf(device.serial),
        bytes: countOf(device.size),
        rotates: booleanOf(device.rota),
        transport: textOf(device.tran),
        signatures: [...new Set(signaturesOf(device))],
        smart: null,
      },
    ]
  })
}

function signaturesOf(device: Record<string, unknown>): string[] {
  const own = textOf(device.fstype)
  const children = listOf(device.children).flatMap((child) => signaturesOf(objectOf(child)))
  return own === null ? children : [own, ...children]
}
