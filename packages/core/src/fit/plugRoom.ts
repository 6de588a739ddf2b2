import type { Brief } from '../design/brief'

/**
 * Room behind a case for the mains plug and network cables that leave it straight, in millimetres.
 * Common practice, no source: 40 to 70 mm; a mains plug with its cable bent needs about 60.
 */
export const USUAL_PLUG_ROOM_MM = 60

/** Room behind the case that plugs want: what the brief says, or what is usual. */
export function plugRoomMm({ plugRoomMm: said }: Pick<Brief, 'plugRoomMm'>): number {
  return said ?? USUAL_PLUG_ROOM_MM
}
