/** Values of slots and cards that are said of PCI Express alone. */
const OF_PCI_EXPRESS: ReadonlySet<string> = new Set([
  'lanes',
  'physicalLanes',
  'electricalLanes',
  'pcieGeneration',
  'openEnd',
  'origin',
  'splitsInto',
])

/**
 * Whether a value says anything beside the bus that it is said of: plain PCI has no lanes and no generations, and
 * always hangs behind the chipset.
 *
 * @param bus as the data sheet or a row of its table has it; undefined where there is none
 */
export const isSaidOf = (bus: unknown, name: string): boolean =>
  bus !== 'PCI' || !OF_PCI_EXPRESS.has(name)
