import type { AirChoices } from '../design/air'
import type { Brief } from '../design/brief'
import type { Pool, SpinUp } from '../design/design'
import type { LetteredGroup } from '../design/groupLetters'
import type { HouseRules } from '../design/houseRules'
import type { Rate } from '../design/money'
import type { NetworkChoices } from '../design/networkChoices'
import type { PathChoices } from '../design/pathChoices'
import type { Tenants } from '../design/tenants'
import type { AirFlow } from '../heat/airFlow'
import type { HeatFigure } from '../heat/machineHeat'
import type { DrivesOnHosts } from '../machine/drivesOnHosts'
import type { Machine } from '../machine/machine'
import type { PlacedDevice } from '../machine/placement/placeDevices'
import type { MissingCables } from '../machine/wiring/missingCables'
import type { PowerWiring } from '../machine/wiring/wirePower'
import type { CostFigure } from '../money/billOfMaterials'
import type { CapacityFigure } from '../pool/designCapacity'
import type { SurvivalFigure } from '../pool/survival/designSurvival'
import type { StartCurve } from '../power/startCurve'
import type { PowerFigure } from '../power/idlePower'
import type { ServicesFigure } from '../services/servicesFigure'
import type { OpenChoice } from './choiceNeeded'
import type { Judged, JudgedLimit } from './judgedLimit'

/** What is measured of a design, before anybody judges it. */
export interface Measured {
  capacity: CapacityFigure
  survival: SurvivalFigure
  power: PowerFigure
  cost: CostFigure
}

/** A limit, as far as it is asked for by what it says of itself. */
interface Named<Id extends string, Facts extends object> {
  id: Id
  judge: (given: Given) => Judged<Facts> | null
}

/**
 * What limits and rules look at.
 *
 * Whatever one of them reads here is noted, and it runs again only when something of that has changed. So a rule
 * reads as little as it needs, and never keeps anything of its own.
 */
export interface Given extends Readonly<Measured> {
  readonly brief: Readonly<Brief>
  readonly houseRules: Readonly<HouseRules>
  readonly pools: readonly Pool[]
  readonly paths: Readonly<PathChoices>
  readonly network: Readonly<NetworkChoices>
  readonly tenants: Readonly<Tenants>
  readonly machine: Machine
  /** The machine as it would be if the builder had fixed nothing about slots, ports and leads. */
  readonly machineUnpinned: Machine
  /** The size of every drive. */
  readonly bytesOf: ReadonlyMap<string, number>
  /** Every group of every pool, with its letter. */
  readonly lettered: readonly LetteredGroup[]
  /** Pieces that are in the house already. */
  readonly ownedIds: ReadonlySet<string>
  /** The builder's own, of one currency into another. */
  readonly rates: readonly Rate[]
  /** Which drives are wired to which ports, whichever bays they are in. */
  readonly drivesOnHosts: DrivesOnHosts
  /** What each placed card has to move, with the drives that are wired to it. */
  readonly cardLoads: readonly PlacedDevice[]
  /** Data cables of four lanes that are still to be bought. */
  readonly missingCables: MissingCables
  readonly stillToChoose: readonly OpenChoice[]
  readonly air: Readonly<AirChoices>
  readonly spinUp: Readonly<SpinUp> | null
  /** What plugs, leads and rails carry while drives start as they are let. */
  readonly stagedPower: PowerWiring | null
  /** What the rails carry while the drives start. */
  readonly startCurve: StartCurve
  /** What moves through the case; null in the open. */
  readonly airFlow: AirFlow | null
  /** How warm it gets while all drives are read. */
  readonly heat: HeatFigure
  /** What small fast devices do, and how long they last. */
  readonly services: ServicesFigure
  /** How the design stands to a limit; null when the brief does not set it. */
  readonly judged: <Id extends string, Facts extends object>(
    limit: Named<Id, Facts>,
  ) => JudgedLimit<Id, Facts> | null
}
