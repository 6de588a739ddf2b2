import type { Backplane } from './blocks'
import type { DataPlug, PowerPlug } from './plugs'
import type { M2Key, SlotBus } from './sheetFields'

/** A block of equal bays. */
export interface BaysOffer {
  kind: 'bay'
  formFactor: '3.5' | '2.5'
  access: 'hot-swap' | 'internal'
  rows: number
  columns: number
  bayWidthMm: number
  bayHeightMm: number
  gapMm: number
  backplane: Backplane | null
  /** From the upper left corner of the piece's own front; null for its middle. */
  at: { leftMm: number; topMm: number } | null
}

export interface SlotOffer {
  kind: 'slot'
  bus: SlotBus
  physicalLanes: number
  electricalLanes: number
  pcieGeneration: number
  openEnd: boolean
  origin: 'CPU' | 'chipset'
  /** Parts that its lanes can be split into; null when not known. */
  splitsInto: number | null
}

export interface M2Offer {
  kind: 'M.2'
  key: M2Key
  carries: 'PCIe' | 'SATA' | 'both'
  silencesSataPorts: number
  lanes: number | null
  pcieGeneration: number | null
  origin: 'CPU' | 'chipset' | null
}

/** Slots or sockets that a card makes of the one it sits in. */
export interface PassedOnOffer {
  kind: 'passed on'
  /** Of each place: its length, or the key of its socket. */
  places: readonly (
    { kind: 'slot'; physicalLanes: number } | { kind: 'M.2'; carries: M2Offer['carries'] }
  )[]
  /** Whether its places get each their part of the lanes, or share all of them through a chip. */
  lanes: 'split' | 'shared'
  /** Whether full-height cards lie flat in it. */
  liesFlat: boolean | null
}

/** Equal connectors for data. */
export interface DataPortsOffer {
  kind: 'data port'
  /** Null when the data sheet does not say. */
  plug: DataPlug | null
  /** SATA generation of each connector; null entries take the newest. */
  sataGenerations: readonly number[]
  takesSas: boolean | null
  takesNvme: boolean | null
  /** An expander: hangs on a connector of a SAS controller itself. */
  behindController: boolean
}

/** Something that a piece has for others. A count of null is one that no data sheet gives. */
export type Offer =
  | BaysOffer
  | { kind: 'opening'; leftMm: number; topMm: number }
  | SlotOffer
  | M2Offer
  | PassedOnOffer
  | { kind: 'USB port'; count: number | null }
  | DataPortsOffer
  | { kind: 'CPU socket'; socket: string; count: number }
  | { kind: 'memory slot'; count: number }
  | { kind: 'fan header'; count: number | null }
  | { kind: 'power lead'; plug: PowerPlug; plugs: number | null; leads: number | null }
  | { kind: 'mains socket'; socket: 'UPS battery' | 'UPS surge only'; count: number | null }
  | { kind: 'network port'; plug: string | null; bitsPerSecond: number | null; count: number }

export type OfferKind = Offer['kind']
