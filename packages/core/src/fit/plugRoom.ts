/**
 * Room behind a case for the mains plug and network cables that leave it straight, in millimetres.
 * Common practice, no source: 40 to 70 mm; a mains plug with its cable bent needs about 60.
 */
export const PLUG_ROOM_MM = 60
