import type { Brief } from '../../design/brief'
import type { Pool } from '../../design/design'
import type { Flow } from '../maxMinFair'
import type { Machine } from '../../machine/machine'
import type { PieceId } from '../../machine/piece'

/** What is going on, as flows over the links. */
export interface ScenarioFlows {
  flows: Flow[]
  /** Bytes that each flow has to move, when the job has an end and no drive's surface tells how fast it goes. */
  bytesOf?: ReadonlyMap<string, number>
  /** The drives that each flow goes over in step, when that is the job. */
  surfacesOf?: ReadonlyMap<string, readonly PieceId[]>
}

/** What of a design a kind of work depends on, beside the machine. */
export interface ScenarioDesign {
  brief: Readonly<Brief>
  pools: readonly Pool[]
}

/** What the builder may choose about a kind of work. */
export interface ScenarioChoice {
  /** For a rebuild: the group; null for the widest. */
  groupId: string | null
  /** How many read at once; null for as many as the brief names. */
  readers: number | null
}

export const NO_CHOICE: ScenarioChoice = { groupId: null, readers: null }

/** One kind of work. A new one is a file here and a line in `scenarios.ts`. */
export interface Scenario {
  id: string
  title: string
  /** What is being done, one sentence. */
  about: string
  /** What can be chosen about it. */
  asks: 'group' | 'readers' | null
  flowsOf: (design: ScenarioDesign, machine: Machine, choice: ScenarioChoice) => ScenarioFlows
}
