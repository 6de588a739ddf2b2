/** Values of slots that are said of PCI Express alone. */
const OF_PCI_EXPRESS: ReadonlySet<string> = new Set([
  'physicalLanes',
  'electricalLanes',
  'pcieGeneration',
  'openEnd',
  'origin',
  'splitsInto',
])

/**
 * Whether a value of a slot says anything beside its bus: plain PCI has no lanes and no generations, and always hangs
 * behind the chipset.
 *
 * @param bus as a row of the table has it; undefined for rows of something else
 */
export const isSaidOfSlot = (bus: unknown, name: string): boolean =>
  bus !== 'PCI' || !OF_PCI_EXPRESS.has(name)
