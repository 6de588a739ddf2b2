import type { PieceId } from '../piece'
import type { NetworkPort } from '../networkPorts'

/**
 * What a link is made of: the platters or cells of a drive, the lane it hangs on, a cable whose lanes are shared,
 * the way of an expander to its controller, a controller's own chip, a slot, an M.2 socket, USB, the chipset's way to
 * the CPU, the bus that plain PCI slots share, a network port, the port or the radio of a reader.
 */
export type LinkKind =
  | 'platter'
  | 'port'
  | 'cable'
  | 'expander'
  | 'controller'
  | 'slot'
  | 'M.2'
  | 'USB'
  | 'chipset'
  | 'PCI bus'
  | 'network'
  | 'reader'

export type LinkId = string

/** One link on the way from the CPU to a drive or a reader. */
export interface Link {
  kind: LinkKind
  /** For looking it up; never taken apart. */
  id: LinkId
  /** "slot 1 · Sixteen", "port 2 of Sixteen". */
  name: string
  bytesPerSecond: number
  /** Why it has this rate: "×4 of generation 3, 85 % of the line code". */
  reason: string
  /** False when a value was assumed because no data sheet gives it. */
  known: boolean
  partIds: PieceId[]
}

/** The way of a drive to the CPU, the nearest link first. */
export interface DrivePath {
  driveId: PieceId
  links: LinkId[]
}

/** One network port and its way to the CPU. */
export interface NetworkPath {
  id: LinkId
  name: string
  port: NetworkPort
  links: LinkId[]
}

/** All plain PCI slots are on one bus. */
export const PCI_BUS: LinkId = 'PCI bus'

/** Behind the chipset everything shares one link to the CPU. */
export const CHIPSET: LinkId = 'chipset'
