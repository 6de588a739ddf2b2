import type { M2Key, SlotBus } from './sheetFields'
import type { DataPlug, PowerPlug } from './plugs'

/** A slot for the edge of a card. What a data sheet lacks is null. */
export interface SlotNeed {
  kind: 'slot'
  bus: SlotBus
  lanes: number | null
  pcieGeneration: number | null
  lengthMm: number | null
  bracket: 'full' | 'half' | 'both' | null
  /** Drives that may hang on it, or its network ports; neither where what it moves does not matter. */
  moves: { drives: number } | { network: { bitsPerSecond: number | null; ports: number } } | null
  /** Whether the slot must split its lanes among what sits on the card; null when not known. */
  needsSplit: boolean | null
}

/** A socket for an M.2 device. */
export interface M2Need {
  kind: 'M.2'
  /** What it speaks; null when its data sheet does not say. */
  speaks: 'PCIe' | 'SATA' | null
  keys: readonly M2Key[] | null
  lanes: number | null
  pcieGeneration: number | null
  moves: SlotNeed['moves']
}

/** A port for data, directly or through a backplane. */
export interface DataNeed {
  kind: 'data port'
  /** The plug on the piece itself; null when its data sheet does not say. */
  plug: DataPlug | null
  speaks: 'SATA' | 'SAS' | 'NVMe' | 'USB'
  count: number
}

/** Something that a piece takes of another one. A count of null is one that no data sheet gives. */
export type Need =
  | { kind: 'bay'; formFactor: '3.5' | '2.5' }
  | { kind: 'opening'; count: number }
  | SlotNeed
  | M2Need
  | { kind: 'USB port' }
  | DataNeed
  | { kind: 'CPU socket'; socket: string }
  | { kind: 'memory slot' }
  | { kind: 'fan header'; count: number | null }
  | { kind: 'power plug'; plug: PowerPlug }
  | { kind: 'mains socket'; count: number | null }

export type NeedKind = Need['kind']

const KINDS: Record<NeedKind, true> = {
  bay: true,
  opening: true,
  slot: true,
  'M.2': true,
  'USB port': true,
  'data port': true,
  'CPU socket': true,
  'memory slot': true,
  'fan header': true,
  'power plug': true,
  'mains socket': true,
}

/** One that is forgotten does not compile. */
export const NEED_KINDS = Object.keys(KINDS) as readonly NeedKind[]
