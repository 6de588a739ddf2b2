import type { SeenPciDevice } from './seenMachine'

/**
 * Devices on PCI with what their links were trained to.
 *
 * @param lspci `lspci -vmm`: blocks of "Key: value", an empty line between them
 * @param links a line for each device: slot, speed now, width now, most speed, most width, as the kernel has them
 *   ("8.0 GT/s PCIe"); parts of a line stand between tabs
 * Source of the forms: the manual of lspci, and the kernel's description of sysfs-bus-pci, from memory.
 */
export function readPci(lspci: string, links: string): SeenPciDevice[] {
  const names = new Map<string, string>()
  for (const block of lspci.split(/\n\s*\n/)) {
    const said = new Map(
      block.split('\n').flatMap((line): [string, string][] => {
        const at = line.indexOf(':')
        return at < 0 ? [] : [[line.slice(0, at).trim(), line.slice(at + 1).trim()]]
      }),
    )
    const slot = said.get('Slot')
    if (slot === undefined) continue
    const name = [said.get('Vendor'), said.get('Device')].filter(Boolean).join(' ')
    names.set(shortSlot(slot), name)
  }
  return links.split('\n').flatMap((line): SeenPciDevice[] => {
    const [slot = '', speed = '', width = '', mostSpeed = '', mostWidth = ''] = line.split('\t')
    const numbers = [speed, width, mostSpeed, mostWidth].map((text) => Number.parseFloat(text))
    const [now = 0, lanes = 0, most = 0, mostLanes = 0] = numbers
    // A port without a device has a width of 0, and some say 255 for not known.
    if (numbers.some((number) => !(number > 0)) || lanes > 32 || mostLanes > 32) return []
    return [
      {
        slot: shortSlot(slot),
        name: names.get(shortSlot(slot)) ?? '',
        lanes,
        mostLanes,
        transfersPerSecond: now * 1e9,
        mostTransfersPerSecond: most * 1e9,
      },
    ]
  })
}

/** With and without the domain, which is 0000 in a home. */
const shortSlot = (slot: string): string => slot.trim().replace(/^0000:/, '')
