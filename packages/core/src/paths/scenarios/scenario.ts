import type { Brief } from '../../design/brief'
import type { Pool } from '../../design/design'
import type { NetworkChoices } from '../../design/networkChoices'
import type { Tenants } from '../../design/tenants'
import type { Link } from '../../machine/links/link'
import type { Flow } from '../maxMinFair'
import type { Machine } from '../../machine/machine'
import type { PieceId } from '../../machine/piece'

/** What a drive moves for a byte of a flow. */
export interface DriveLoad {
  driveId: PieceId
  load: number
  /** For one that is only read while others are written. */
  reads?: boolean
}

/** What is going on, as flows over the links. */
export interface ScenarioFlows {
  flows: Flow[]
  /** Links that are not the machine's own. */
  links?: readonly Link[]
  /** The drives that each flow goes over in step, when that is the job: a scrub, a rebuild. */
  surfacesOf?: ReadonlyMap<string, readonly DriveLoad[]>
  /** What each flow has to write, when that is the job. */
  writesOf?: ReadonlyMap<string, { bytes: number; pool: Pool; drives: readonly DriveLoad[] }>
}

/** What of a design a kind of work depends on, beside the machine. */
export interface ScenarioDesign {
  brief: Readonly<Brief>
  pools: readonly Pool[]
  network: Readonly<NetworkChoices>
  tenants: Readonly<Tenants>
}

/** What the builder may choose about a kind of work. */
export interface ScenarioChoice {
  /** For a rebuild: the group; null for the widest. */
  groupId: string | null
  /** How many read or write at once; null for as many as the brief names. */
  readers: number | null
  /** The pool; null for all of them, or the one that each reader has. */
  poolId: string | null
}

export const NO_CHOICE: ScenarioChoice = { groupId: null, readers: null, poolId: null }

/** One kind of work. A new one is a file here and a line in `scenarios.ts`. */
export interface Scenario {
  id: string
  title: string
  /** What is being done, one sentence. */
  about: string
  /** What can be chosen about it, with the words for it: of a group or a pool when none is chosen. */
  asks: { group?: string; readers?: string; pool?: string }
  flowsOf: (design: ScenarioDesign, machine: Machine, choice: ScenarioChoice) => ScenarioFlows
}
