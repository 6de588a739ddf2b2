import type { BoardPlace } from '../../catalogue/kinds/board'
import type { M2Offer, SlotOffer } from '../../catalogue/offers'
import type { M2Key, SlotBus } from '../../catalogue/sheetFields'
import type { PieceId } from '../piece'

/** A slot or a socket: of the board, or of a card that passes its own on. */
export interface Place {
  /** The piece that has it, and which of its places of this kind it is, counted from 1. */
  pieceId: PieceId
  kind: 'slot' | 'M.2'
  number: number
  /** For a slot; a socket speaks PCI Express too. */
  bus: SlotBus
  physicalLanes: number
  openEnd: boolean
  splitsInto: number | null
  /** For an M.2 socket; null takes every key. */
  key: M2Key | null
  carries: M2Offer['carries']
  silencesSataPorts: number
  electricalLanes: number
  pcieGeneration: number
  origin: SlotOffer['origin']
  /** Which of the devices passes it on, by index; null for a place of the board. */
  giver: number | null
}

/** Something that wants a place. */
export interface Device {
  pieceId: PieceId
  kind: Place['kind']
  /** For a card, what its edge speaks. */
  bus: SlotBus
  /** Lanes of its edge, and its generation; assumed where no data sheet gives them. */
  lanes: number
  pcieGeneration: number
  /** For an M.2 device. */
  speaks: 'PCIe' | 'SATA'
  keys: readonly M2Key[]
  /** What it must move so that nothing behind it waits; 0 when it does not matter. */
  needBytesPerSecond: number
  /** How many places it passes on, and whether they get each a part of its lanes. */
  gives: number
  splitsLanes: boolean
  /** Whether the slot must be able to split its lanes for it. */
  needsSplit: boolean
  /** The place of the board that the builder has fixed, counted from 1. */
  pin: number | null
}

/** What a place of a board loses while another is used. */
export interface Sharing {
  inUse: BoardPlace
  loses: BoardPlace
  lanesLeft: number
}

export interface PlacementProblem {
  places: readonly Place[]
  devices: readonly Device[]
  sharing: readonly Sharing[]
}

/** Whether a card's edge goes into a slot. */
export function takesEdge(
  { bus, physicalLanes, openEnd }: Pick<Place, 'bus' | 'physicalLanes' | 'openEnd'>,
  device: Pick<Device, 'bus' | 'lanes'>,
): boolean {
  if (bus !== device.bus) return false
  // All plain PCI slots are of one length.
  return bus === 'PCI' || openEnd || device.lanes <= physicalLanes
}

/** Whether a device goes into a place at all, whatever else is there. */
export function takes(place: Place, device: Device): boolean {
  if (place.kind !== device.kind) return false
  if (place.kind === 'slot') return takesEdge(place, device)
  return (
    (place.key === null || device.keys.includes(place.key)) &&
    (place.carries === 'both' || place.carries === device.speaks)
  )
}
