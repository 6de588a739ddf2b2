import { NEED_KINDS } from './catalogue/needs'
import { PART_KINDS } from './catalogue/partKinds'
import { brief } from './design/brief'
import type { Design } from './design/design'
import { letteredGroups } from './design/groupLetters'
import { houseRules } from './design/houseRules'
import { NO_CHOICES } from './design/pathChoices'
import { airFlow } from './heat/airFlow'
import { HOTTEST_STATE, machineHeat } from './heat/machineHeat'
import type { Given } from './judging/given'
import { CHOICES_NEEDED } from './judging/choiceNeeded'
import type { JudgedLimit } from './judging/judgedLimit'
import type { Limit } from './judging/limit'
import { judgeLimit, limits } from './limits/limits'
import { driveSizes } from './machine/driveSizes'
import { drivesOnHosts } from './machine/drivesOnHosts'
import type { Machine } from './machine/machine'
import { resolveMachine } from './machine/resolveMachine'
import type { DataWiring } from './machine/wiring/wireData'
import { missingCables } from './machine/wiring/missingCables'
import type { PowerWiring } from './machine/wiring/wirePower'
import { billOfMaterials } from './money/billOfMaterials'
import { cardLoads } from './paths/cardLoads'
import { designCapacity } from './pool/designCapacity'
import { designSurvival } from './pool/survival/designSurvival'
import { idlePower } from './power/idlePower'
import { curveOf, restAmps } from './power/startCurve'
import { startGroups } from './power/startGroups'
import { stagedWiring } from './power/stagedWiring'
import { type Recorder, recorded } from './recorder'
import { servicesFigure } from './services/servicesFigure'
import { openChoices } from './stillToChoose/stillToChoose'

/** A design and its machine, as they are now. */
export interface Current {
  design: Design
  machine: Machine
}

/**
 * What limits and rules look at, read through a recorder: figures are worked out when something asks for them,
 * and kept while what they read stays the same.
 *
 * @param now gives the design that is looked at; it may change between rounds
 */
export function givenOf(recorder: Recorder, now: () => Current): Given {
  const fitted = recorder.source(() => now().design.fitted)
  const snapshots = recorder.source(() => now().design.snapshots)
  const pools = recorder.source(() => now().design.pools)
  const paths = recorder.source(() => now().design.paths)
  const network = recorder.source(() => now().design.network)
  const tenants = recorder.source(() => now().design.tenants)
  const services = recorder.source(() => now().design.services)
  const air = recorder.source(() => now().design.air)
  const money = recorder.source(() => now().design.money)
  const spinUp = recorder.source(() => now().design.spinUp)
  const briefNow = recorded(recorder, fieldsOf(brief), () => now().design.brief)
  const rulesNow = recorded(recorder, fieldsOf(houseRules), () => now().design.houseRules)
  const machine = machineView(recorder, () => now().machine)

  const bytesOf = recorder.kept(() => driveSizes(machine))
  const lettered = recorder.kept(() => letteredGroups({ pools: pools() }), false)
  // An age or a label is no concern of what is worked out below, which reads no more of the pieces than this.
  const paid = recorder.keptEach(fitted, ({ id, snapshotId, owned, within }) => {
    return { id, snapshotId, owned, within }
  })
  const wornEach = recorder.keptEach(fitted, ({ id, wornShare }) => ({ id, wornShare }))
  const ownedIds = recorder.kept(
    () => new Set(paid().flatMap(({ id, owned }) => (owned ? [id] : []))),
  )
  const capacity = recorder.kept(() =>
    designCapacity(
      { pools: pools(), tenants: tenants(), brief: briefNow, houseRules: rulesNow },
      bytesOf(),
      machine,
    ),
  )
  const survival = recorder.kept(() =>
    designSurvival({ pools: pools(), tenants: tenants() }, bytesOf(), machine),
  )
  const power = recorder.kept(() =>
    idlePower(
      { brief: briefNow, houseRules: rulesNow, pools: pools(), tenants: tenants(), air: air() },
      machine,
    ),
  )
  const startingGroups = recorder.kept(() => startGroups(machine, spinUp()), false)
  const rest = recorder.kept(() => restAmps(machine))
  const starting = recorder.kept(() => curveOf(startingGroups(), rest()))
  // What carries the drives changes with every drive that is moved, so comparing it costs more than it saves.
  const staged = recorder.kept(() => stagedWiring(machine, spinUp(), startingGroups()), false)
  const flow = recorder.kept(() => airFlow(machine, air()))
  const heat = recorder.kept(() =>
    machineHeat(
      { brief: briefNow, houseRules: rulesNow, pools: pools(), tenants: tenants(), air: air() },
      machine,
      flow(),
      HOTTEST_STATE,
    ),
  )
  const cost = recorder.kept(() =>
    billOfMaterials(briefNow.currency, {
      fitted: paid(),
      snapshots: snapshots(),
      money: money(),
    }),
  )
  const worn = recorder.kept(() =>
    wornEach().flatMap(({ id, wornShare }) => (wornShare === null ? [] : [{ id, wornShare }])),
  )
  const servicesNow = recorder.kept(() =>
    servicesFigure(
      {
        services: services(),
        fitted: worn(),
        pools: pools(),
        brief: briefNow,
        houseRules: rulesNow,
      },
      machine,
    ),
  )
  const missing = recorder.kept(() => missingCables(machine))
  const openEach = CHOICES_NEEDED.map((choice) => recorder.kept(() => openChoices(choice, given)))
  const open = recorder.kept(() => openEach.flatMap((openOf) => openOf()))
  const machineUnpinned = recorder.kept(
    // The machine itself, not its recorded view, since the new one takes over parts of it.
    () => resolveMachine({ ...machine.madeFrom, paths: NO_CHOICES }, now().machine),
    false,
  )
  const onHosts = recorder.kept(() => drivesOnHosts(machine))
  const loads = recorder.kept(() => cardLoads(machine, onHosts()))
  const judgedBy = new Map<string, () => JudgedLimit | null>()
  const given: Given = {
    brief: briefNow,
    houseRules: rulesNow,
    machine,
    get pools() {
      return pools()
    },
    get paths() {
      return paths()
    },
    get network() {
      return network()
    },
    get tenants() {
      return tenants()
    },
    get machineUnpinned() {
      return machineUnpinned()
    },
    get bytesOf() {
      return bytesOf()
    },
    get lettered() {
      return lettered()
    },
    get ownedIds() {
      return ownedIds()
    },
    get capacity() {
      return capacity()
    },
    get survival() {
      return survival()
    },
    get power() {
      return power()
    },
    get cost() {
      return cost()
    },
    get rates() {
      return money().rates
    },
    get drivesOnHosts() {
      return onHosts()
    },
    get cardLoads() {
      return loads()
    },
    get air() {
      return air()
    },
    get spinUp() {
      return spinUp()
    },
    get startCurve() {
      return starting()
    },
    get stagedPower() {
      return staged()
    },
    get airFlow() {
      return flow()
    },
    get heat() {
      return heat()
    },
    get services() {
      return servicesNow()
    },
    get missingCables() {
      return missing()
    },
    get stillToChoose() {
      return open()
    },
    judged: <Id extends string, Facts extends object>({ id }: { id: Id }) =>
      // Under its id stands what this very limit judged.
      (judgedBy.get(id)?.() ?? null) as JudgedLimit<Id, Facts> | null,
  }
  for (const limit of limits) {
    judgedBy.set(
      limit.id,
      recorder.kept(() => judgeLimit(limit as Limit<string, object>, given)),
    )
  }
  return given
}

const fieldsOf = <Field extends string>({ shape }: { shape: Record<Field, unknown> }): Field[] =>
  Object.keys(shape) as Field[]

/** Fields of a machine, but for those that have fields of their own; one that is forgotten does not compile. */
const MACHINE_FIELDS: Record<
  Exclude<keyof Machine, 'ofKind' | 'placed' | 'unplaced' | 'wiring'>,
  true
> = {
  madeFrom: true,
  pieces: true,
  fittings: true,
  inOrder: true,
  blocks: true,
  bays: true,
  bayById: true,
  driveIn: true,
  awayIds: true,
  rebuildingIds: true,
  placement: true,
  unplaceable: true,
  placePinsKept: true,
  cardPlaces: true,
  cables: true,
  links: true,
  drivePaths: true,
  networkPaths: true,
  solved: true,
}

const DATA_FIELDS: Record<keyof DataWiring, true> = {
  hosts: true,
  cables: true,
  ports: true,
  unreachedIds: true,
  unreachedPieceIds: true,
  unspokenIds: true,
  unreachedBays: true,
  free: true,
  couldBeBetter: true,
}

const POWER_FIELDS: Record<keyof PowerWiring, true> = {
  feeds: true,
  leads: true,
  rails: true,
  unfed: true,
  couldBeBetter: true,
}

const NO_POWER: PowerWiring = { feeds: [], leads: [], rails: [], unfed: [], couldBeBetter: null }

function machineView(recorder: Recorder, current: () => Machine): Machine {
  const ofKind = recorded(recorder, PART_KINDS, () => current().ofKind)
  const data = recorded(recorder, namesOf(DATA_FIELDS), () => current().wiring.data)
  const fedNow = recorder.source(() => current().wiring.power !== null)
  // Nobody reads these while `power` is null; the recorder looks whether they have changed even so.
  const power = recorded(recorder, namesOf(POWER_FIELDS), () => current().wiring.power ?? NO_POWER)
  const wiring: Machine['wiring'] = {
    data,
    get power() {
      return fedNow() ? power : null
    },
  }
  const placed = recorded(recorder, NEED_KINDS, () => current().placed)
  const unplaced = recorded(recorder, NEED_KINDS, () => current().unplaced)
  return recorded(recorder, namesOf(MACHINE_FIELDS), current, { ofKind, placed, unplaced, wiring })
}

const namesOf = <Name extends string>(fields: Record<Name, true>): Name[] =>
  Object.keys(fields) as Name[]
