import type { DesignDocument } from '../design/document'
import { drivesInEnclosures } from '../design/bayBlocks'
import { goesIntoBay } from '../design/bayUse'
import { fittedOfKind, fittedOne } from '../design/fittedParts'
import { averagePricePerKilowattHourMinor } from './averagePrice'
import { energyPerYearKilowattHours } from './energyPerYear'
import { wallWatts } from './wallWatts'

export interface PowerTerm {
  /** What draws: "drives, idle", a board's model. */
  label: string
  pieces: number
  watts: number
}

export interface PowerFigure {
  terms: PowerTerm[]
  /** Sum of the terms, behind the supply. */
  dcWatts: number
  /** DC over wall of the supply; null without one, when the wall is not known. */
  efficiency: number | null
  /** What stands beside the machine: a UPS, enclosures and the drives in them, without the loss of their supply. */
  besideWatts: number
  /** Null when there is no supply to compute it with. */
  wallWatts: number | null
  /** The honest band around `wallWatts`. */
  lowWallWatts: number | null
  highWallWatts: number | null
  /** Pieces that keep the CPU out of its deep states. */
  vetoPartIds: string[]
  /** What those vetoes cost, in DC watts. */
  vetoWatts: number
  /** Pieces whose idle watts, or whose leave to sleep deeply, no data sheet says; left out of the sum. */
  notKnownPartIds: string[]
  kilowattHoursPerYear: number | null
  costPerYearMinor: number | null
}

/** Cards in slots: each draws, and each can keep the CPU awake. */
const CARD_KINDS = [
  { kind: 'controller', label: 'controllers' },
  { kind: 'nic', label: 'network cards' },
  { kind: 'display', label: 'display card' },
] as const

/** What one piece draws; null when its data sheet does not say. */
interface Draw {
  partId: string
  watts: number | null
}

type KindWithIdleWatts =
  | 'board'
  | 'cooler'
  | 'memory'
  | 'controller'
  | 'nic'
  | 'display'
  | 'fan'
  | 'cage'
  | 'boot'
  | 'enclosure'
  | 'ups'

function idleDraws(document: DesignDocument, kind: KindWithIdleWatts): Draw[] {
  return fittedOfKind(document, kind).map(({ part, sheet }) => ({
    partId: part.id,
    watts: sheet.idleWatts,
  }))
}

/**
 * Measured idle is usually above the estimate: 40 W expected, over 50 W found. Common practice, no
 * source.
 */
const BAND_LOW = 0.9
const BAND_HIGH = 1.25

/**
 * What does the machine draw at the wall, idle, with its drives spinning?
 *
 * One device without link power management keeps the whole CPU package awake, so the CPU counts with
 * its deep or its shallow idle watts, not with something between. Drives on the bench draw nothing.
 */
export function idlePower(document: DesignDocument): PowerFigure {
  const { brief } = document
  const cards = CARD_KINDS.flatMap(({ kind }) => fittedOfKind(document, kind))
  const vetoing = cards.filter(({ sheet }) => sheet.permitsDeepIdle === false)
  const cpus = fittedOfKind(document, 'cpu')
  const awake = vetoing.length > 0

  const terms: PowerTerm[] = []
  const notKnownPartIds: string[] = cards
    .filter(({ sheet }) => sheet.permitsDeepIdle === null)
    .map(({ part }) => part.id)
  const add = (label: string, pieces: readonly Draw[]): void => {
    const known = pieces.filter(({ watts }) => watts !== null)
    const unknown = pieces.filter(({ watts }) => watts === null)
    notKnownPartIds.push(...unknown.map(({ partId }) => partId))
    if (known.length === 0) return
    const watts = known.reduce((sum, one) => sum + (one.watts ?? 0), 0)
    terms.push({ label, pieces: known.length, watts })
  }
  add('board', idleDraws(document, 'board'))
  add(
    awake ? 'CPU, kept from deep idle' : 'CPU, deep idle',
    cpus.map(({ part, sheet }) => ({
      partId: part.id,
      watts: awake ? sheet.shallowIdleWatts : sheet.deepIdleWatts,
    })),
  )
  add('cooler', idleDraws(document, 'cooler'))
  add('memory', idleDraws(document, 'memory'))
  for (const { kind, label } of CARD_KINDS) add(label, idleDraws(document, kind))
  add(
    'chassis fans',
    fittedOfKind(document, 'chassis').map(({ part, sheet }) => ({
      partId: part.id,
      watts: sheet.fansIdleWatts,
    })),
  )
  add('fans', idleDraws(document, 'fan'))
  add('bay cages', idleDraws(document, 'cage'))
  add('boot device', idleDraws(document, 'boot'))
  const outside = drivesInEnclosures(document)
  const drives = fittedOfKind(document, 'drive')
    .filter(({ part, sheet }) => part.bay !== null || !goesIntoBay(sheet))
    .map(({ part, sheet }) => ({ partId: part.id, watts: sheet.idleWatts }))
  add(
    'drives, idle',
    drives.filter(({ partId }) => !outside.has(partId)),
  )

  const dcWatts = terms.reduce((sum, { watts }) => sum + watts, 0)
  const supply = fittedOne(document, 'supply')?.sheet
  const behindSupply = supply ? wallWatts(dcWatts, supply, brief.mainsVolts) : null
  const beside = [
    ...idleDraws(document, 'enclosure'),
    ...idleDraws(document, 'ups'),
    ...drives.filter(({ partId }) => outside.has(partId)),
  ]
  notKnownPartIds.push(...beside.filter(({ watts }) => watts === null).map(({ partId }) => partId))
  const besideWatts = beside.reduce((sum, { watts }) => sum + (watts ?? 0), 0)
  const atWall = behindSupply === null ? null : behindSupply + besideWatts
  const kilowattHoursPerYear = atWall === null ? null : energyPerYearKilowattHours(atWall)
  return {
    terms,
    dcWatts,
    efficiency: behindSupply ? dcWatts / behindSupply : null,
    besideWatts,
    wallWatts: atWall,
    lowWallWatts: atWall === null ? null : atWall * BAND_LOW,
    highWallWatts: atWall === null ? null : atWall * BAND_HIGH,
    vetoPartIds: awake ? vetoing.map(({ part }) => part.id) : [],
    vetoWatts: awake
      ? cpus.reduce(
          (sum, { sheet }) => sum + ((sheet.shallowIdleWatts ?? 0) - (sheet.deepIdleWatts ?? 0)),
          0,
        )
      : 0,
    notKnownPartIds: [...new Set(notKnownPartIds)],
    kilowattHoursPerYear,
    costPerYearMinor:
      kilowattHoursPerYear === null
        ? null
        : Math.round(kilowattHoursPerYear * averagePricePerKilowattHourMinor(brief)),
  }
}
