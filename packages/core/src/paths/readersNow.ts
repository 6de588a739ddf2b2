import type { Design } from '../design/design'
import type { Machine } from '../machine/machine'
import { scenarioRates } from './scenarioRates'
import { readers } from './scenarios/readers'

export interface ReadersNow {
  /** Network ports that anything can be read through. */
  ports: number
  /** What the reader that has least gets, and all of them together; null where nothing can be read yet. */
  eachBytesPerSecond: number | null
  togetherBytesPerSecond: number | null
  /** Boards and cards whose ports no data sheet gives. */
  notKnownPartIds: string[]
}

/** What do so many readers get, all at once, over drives, slots and network ports? */
export function readersNow(design: Design, machine: Machine, count: number): ReadersNow {
  const { flows, bytesPerSecond } = scenarioRates(design, machine, readers, {
    groupId: null,
    readers: count,
  })
  const [slowest] = flows
  return {
    ports: machine.networkPaths.length,
    eachBytesPerSecond: slowest ? slowest.bytesPerSecond : null,
    togetherBytesPerSecond: slowest ? bytesPerSecond : null,
    notKnownPartIds: machine.inOrder
      .filter(({ kind, dataSheet, offers }) => {
        const ports = offers.filter((offer) => offer.kind === 'network port')
        const isSilentBoard =
          kind === 'board' && 'networkPorts' in dataSheet && !dataSheet.networkPorts
        return isSilentBoard || ports.some((port) => port.bitsPerSecond === null)
      })
      .map(({ id }) => id),
  }
}
