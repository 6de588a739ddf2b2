import { type Band, type CoolingWay } from '@flint/core/figures'
import { format } from '../../controls/locale'

/**
 * A temperature over the room as it is read: in °C where the brief says how warm the room is.
 * @example warmthWords({ low: 12, likely: 15, high: 22 }, 24) // '36 to 46 °C'
 */
export function warmthWords({ low, high }: Band, roomCelsius: number | null): string {
  return roomCelsius === null
    ? `${format.number(low)} to ${format.number(high)} K over the room`
    : `${format.number(roomCelsius + low)} to ${format.number(roomCelsius + high)} °C`
}

/** As short as a drawing wants it: "36–46 °C", "+12–22 K". */
export function warmthLabel({ low, high }: Band, roomCelsius: number | null): string {
  return roomCelsius === null
    ? `+${format.number(low)} to ${format.number(high)} K`
    : `${format.number(roomCelsius + low)} to ${format.number(roomCelsius + high)} °C`
}

/** "15 to 24 m³/h", in one figure where both ends read the same. */
export function flowWords({ low, high }: Band): string {
  const [from, to] = [format.number(low), format.number(high)]
  return from === to ? `${from} m³/h` : `${from} to ${to} m³/h`
}

/** What one does, and how. */
export function wayWords(
  { what, duty }: CoolingWay,
  fanName: string | undefined,
): { title: string; detail: string } {
  switch (what) {
    case 'close the gap':
      return { title: 'Close the gap beside the fans', detail: 'foam or tape, nothing to buy' }
    case 'clean the filters':
      return { title: 'Clean the filters', detail: 'a brush, some minutes' }
    case 'uncover the vents':
      return { title: 'Uncover the vents', detail: 'move it off the wall, clear the cables' }
    case 'cover on':
      return { title: 'Put the cover on', detail: 'the air goes past the drives again' }
    case 'fan speed':
      return {
        title: `Fans at ${format.percent(duty ?? 1)}`,
        detail:
          duty === 1
            ? 'all they can, which may not be enough; set it in the firmware'
            : 'as the house rule asks for; set it in the firmware',
      }
    case 'another fan':
      return { title: `One more ${fanName ?? 'fan'}`, detail: 'beside those that are there' }
    case 'other fans':
      return { title: `${fanName ?? 'Fans'} instead`, detail: 'of the same size, in their place' }
  }
}

/** A change with its sign: "−3.2 K", "+4 dB". */
export function changeWords(change: number, unit: string, digits: number): string {
  const text = format.number(Math.abs(change), digits)
  const isNothing = Number(Math.abs(change).toFixed(digits)) === 0
  return isNothing ? `0 ${unit}` : `${change < 0 ? '−' : '+'}${text} ${unit}`
}
