import type { MachineDesign } from './machine'

/** Whether two designs differ in nothing that the machine is made of: labels and ages do not count. */
export function isSameMachine(one: MachineDesign, other: MachineDesign): boolean {
  return (
    one.snapshots === other.snapshots &&
    one.pools === other.pools &&
    one.paths === other.paths &&
    one.fitted.length === other.fitted.length &&
    one.fitted.every(({ id, snapshotId, bay, away, rebuilding, sockets, within }, index) => {
      const part = other.fitted[index]
      return (
        part?.id === id &&
        part.snapshotId === snapshotId &&
        part.bay === bay &&
        part.away === away &&
        part.rebuilding === rebuilding &&
        part.sockets === sockets &&
        part.within === within
      )
    })
  )
}
