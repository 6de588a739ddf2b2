/**
 * Plugs of drives, controllers, backplanes and cables.
 * Source: SATA-IO for SATA and its power plug, the SFF specifications that give the others their
 * numbers; all from memory.
 */
export const DATA_PLUGS = [
  'SATA',
  'SFF-8482',
  'SFF-8087',
  'SFF-8643',
  'SFF-8088',
  'SFF-8644',
  'SFF-8639',
  'M.2',
  'USB',
] as const
export type DataPlug = (typeof DATA_PLUGS)[number]

export const POWER_PLUGS = ['SATA power', 'peripheral power'] as const
export type PowerPlug = (typeof POWER_PLUGS)[number]

/**
 * How many drives one plug serves directly: the SFF plugs carry four lanes, one for each drive.
 * Source: SFF-8087, SFF-8643, SFF-8088, SFF-8644; SFF-8482 is the one on a SAS drive, SFF-8639 the one on an
 * NVMe drive for bays (U.2), whose four lanes serve one drive (from memory).
 */
export const DRIVES_PER_DATA_PLUG: Record<DataPlug, number> = {
  SATA: 1,
  'SFF-8482': 1,
  'SFF-8087': 4,
  'SFF-8643': 4,
  'SFF-8088': 4,
  'SFF-8644': 4,
  'SFF-8639': 4,
  'M.2': 1,
  USB: 1,
}

/** The rail that motors of drives start from. Source: Serial ATA specification (from memory). */
export const DRIVE_RAIL_VOLTS = 12

/**
 * What the 12 V contacts of one plug carry, amperes.
 *
 * The SATA power plug has three contacts at 12 V for 1.5 A each. Source: Serial ATA specification (from
 * memory). The four-pole peripheral plug has one, for 5 A unless its maker rates it higher; from memory.
 */
export const AMPS_PER_POWER_PLUG: Record<PowerPlug, number> = {
  'SATA power': 4.5,
  'peripheral power': 5,
}

/**
 * Contacts of a drive's plug. A SAS receptacle takes a SATA drive; the other way a bridge of plastic
 * between the two halves of a SAS drive's plug is in the way. Source: SATA-IO, SFF-8482 (from memory).
 */
export const DRIVE_PLUG_CONTACTS = {
  SATA: { data: 7, power: 15, bridged: false },
  SAS: { data: 14, power: 15, bridged: true },
} as const

/** Plugs outside a case; the others are for inside. Source: SFF-8088, SFF-8644 (from memory). */
export const OUTSIDE_PLUGS: readonly DataPlug[] = ['SFF-8088', 'SFF-8644', 'USB']

/** Whether a plug is one for power. */
export const isPowerPlug = (plug: string): plug is PowerPlug =>
  POWER_PLUGS.some((known) => known === plug)
