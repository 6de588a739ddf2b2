import type { NetworkPort } from '../network/networkPorts'

/** One link on the way from the CPU to a drive or a reader. */
export interface PathLink {
  id: string
  /** "slot 1", "port of bay 3". */
  name: string
  bytesPerSecond: number
  /** Why it has this rate: "×4 of generation 3, 85 % of the line code". */
  reason: string
  /** False when a value was assumed because no data sheet gives it. */
  known: boolean
  partIds: string[]
}

/** Behind the chipset everything shares one link to the CPU. */
export const CHIPSET = 'chipset'

/** A card's own link, and those above it up to the CPU. */
export interface CardLink {
  partId: string
  link: PathLink
  /** The link itself and what is above it. */
  way: string[]
}

/** One network port and its way to the CPU. */
export interface NetworkPath {
  id: string
  name: string
  port: NetworkPort
  links: string[]
}
