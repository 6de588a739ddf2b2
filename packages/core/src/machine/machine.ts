import type { PartKind } from '../catalogue/partKinds'
import type { Design } from '../design/design'
import type { Bay, BayBlock, BayId } from './bays'
import type { CardPlace } from './cardPlaces'
import type { DrivePath, Link, NetworkPath } from './links/link'
import type { Piece, PiecesByKind, PieceId, Said } from './piece'
import type { Placement } from './placement/placeDevices'
import type { Unplaceable } from './placement/placementProblem'
import type { ByNeed, PlacedNeed, UnplacedNeed } from './needs'
import type { CableList } from './wiring/cableList'
import type { DataWiring } from './wiring/wireData'
import type { PowerWiring } from './wiring/wirePower'
import type { Solved } from './solver'

/**
 * A design resolved: which piece sits where, what hangs on what, over which links.
 *
 * Plain data, so that it can be cloned, sent to a worker and printed. Everything that is said of the physical
 * machine is read from here and worked out nowhere else.
 */
export interface Machine {
  /** The design that it was made from. */
  madeFrom: MachineDesign
  pieces: ReadonlyMap<PieceId, Piece>
  /** What the design says of each but its bay, which is in `driveIn`: whether it is sent back, where its plugs go. */
  fittings: ReadonlyMap<PieceId, Said>
  ofKind: PiecesByKind
  /** All pieces, kind by kind, those of one kind in the order they were added. */
  inOrder: readonly Piece[]
  blocks: readonly BayBlock[]
  bays: readonly Bay[]
  bayById: ReadonlyMap<BayId, Bay>
  /** The drive in each bay; bays that hold none are left out. */
  driveIn: ReadonlyMap<BayId, PieceId>
  /** Drives that are in no place: on the bench, or sent back. */
  awayIds: readonly PieceId[]
  /** Drives in a place that their pool is still writing its share of everything onto. */
  rebuildingIds: readonly PieceId[]
  placement: Placement
  /** Why some pieces could not even be looked at. */
  unplaceable: readonly Unplaceable[]
  /** Whether what the builder has fixed about slots and sockets could be kept. */
  placePinsKept: boolean
  cardPlaces: readonly CardPlace[]
  placed: ByNeed<PlacedNeed>
  unplaced: ByNeed<UnplacedNeed>
  wiring: {
    data: DataWiring
    /** Null without a supply, or when its plugs are not known. */
    power: PowerWiring | null
  }
  /** The data cables that the wiring wants, and what those of the design are good for. */
  cables: CableList
  links: readonly Link[]
  drivePaths: readonly DrivePath[]
  networkPaths: readonly NetworkPath[]
  /** Problems solved on the way, so that the next machine need not solve them again. */
  solved: Solved
}

/** Pieces of one kind, in the order they were added. */
export function piecesOf<Kind extends PartKind>(
  { ofKind }: Pick<Machine, 'ofKind'>,
  kind: Kind,
): readonly Piece<Kind>[] {
  return ofKind[kind] ?? []
}

/** The first piece of a kind of which a machine mostly has one. */
export function pieceOf<Kind extends PartKind>(
  machine: Pick<Machine, 'ofKind'>,
  kind: Kind,
): Piece<Kind> | undefined {
  return piecesOf(machine, kind)[0]
}

/** What the machine depends on; a design that differs in nothing of it has the same machine. */
export type MachineDesign = Pick<Design, 'fitted' | 'snapshots' | 'pools' | 'paths'>
