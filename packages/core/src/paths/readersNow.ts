import type { Machine } from '../machine/machine'
import type { Missing } from '../units/amount'
import { scenarioRates } from './scenarioRates'
import type { ScenarioDesign } from './scenarios/scenario'
import { readers } from './scenarios/readers'

export interface ReadersNow {
  /** Network ports that anything can be read through. */
  ports: number
  /** What the reader that has least gets, and all of them together; null where nothing can be read yet. */
  eachBytesPerSecond: number | null
  togetherBytesPerSecond: number | null
  /** Ports of boards and cards that no data sheet gives. */
  missing: Missing[]
}

/** What do so many readers get, all at once, over drives, slots and network ports? */
export function readersNow(design: ScenarioDesign, machine: Machine, count: number): ReadersNow {
  const { flows, bytesPerSecond } = scenarioRates(design, machine, readers, {
    groupId: null,
    readers: count,
  })
  const [slowest] = flows
  return {
    ports: machine.networkPaths.length,
    eachBytesPerSecond: slowest ? slowest.bytesPerSecond : null,
    togetherBytesPerSecond: slowest ? bytesPerSecond : null,
    missing: machine.inOrder.flatMap(({ id, kind, dataSheet, offers }): Missing[] => {
      if (kind === 'board' && 'networkPorts' in dataSheet && !dataSheet.networkPorts) {
        return [{ pieceId: id, field: 'networkPorts' }]
      }
      const isSilent = offers.some(
        (offer) => offer.kind === 'network port' && offer.bitsPerSecond === null,
      )
      return isSilent ? [{ pieceId: id, field: 'bitsPerSecond' }] : []
    }),
  }
}
