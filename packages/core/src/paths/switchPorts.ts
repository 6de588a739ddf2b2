import { type Machine, piecesOf } from '../machine/machine'
import { portUses } from '../machine/portUses'
import type { ScenarioDesign } from './scenarios/scenario'

export interface SwitchPorts {
  /** Ports of a switch that the machine takes, that readers take, and one for what carries Wi-Fi. */
  ofMachine: number
  ofReaders: number
  forWiFi: number
  /** Ports of the switches of the design; null where one of them does not say. */
  has: number | null
  /** How many ports are joined. */
  joined: number
}

/** How many ports of a switch are needed, and how many are there? */
export function switchPorts({ brief, network }: ScenarioDesign, machine: Machine): SwitchPorts {
  const { uses, joined } = portUses(machine.networkPaths, network)
  const ways = (wanted: string): number => brief.readers.filter(({ way }) => way === wanted).length
  const counts = piecesOf(machine, 'switch').map(
    ({ dataSheet }) => dataSheet.ports?.reduce((sum, { count }) => sum + count, 0) ?? null,
  )
  return {
    ofMachine: uses.filter(({ use }) => use === 'joined' || use === 'single').length,
    ofReaders: ways('switch'),
    forWiFi: ways('Wi-Fi') > 0 ? 1 : 0,
    has: counts.reduce<number | null>(
      (sum, ports) => (sum === null || ports === null ? null : sum + ports),
      0,
    ),
    joined: joined.length,
  }
}
