import type { PartKind, PartSheet, SheetOf } from '@flint/core'
import { say } from '../controls/locale'

type Words = { [Kind in PartKind]?: (sheet: SheetOf<Kind>) => (string | null)[] }

const millimetres = (value: number | null): string | null =>
  value === null ? null : `${say.number(value, 1)} mm`
const watts = (value: number | null, what: string): string | null =>
  value === null ? null : `${say.watts(value, 1)} ${what}`

/** What a builder looks at first on a kind's data sheet; a new kind may do without. Null is left out. */
const WORDS: Words = {
  chassis: ({ widthMm, heightMm, depthMm, bayBlocks, form }) => [
    form,
    say.counted(
      bayBlocks.reduce((sum, { rows, columns }) => sum + rows * columns, 0),
      'bay',
    ),
    `${widthMm} × ${heightMm} × ${depthMm} mm`,
  ],
  board: ({ size, socket, sataPorts, slots }) => [
    size,
    `socket ${socket}`,
    `${sataPorts} SATA`,
    slots ? say.counted(slots.length, 'slot') : null,
  ],
  cpu: ({ socket, cores, deepIdleWatts, shallowIdleWatts }) => [
    `socket ${socket}`,
    say.counted(cores, 'core'),
    watts(deepIdleWatts, 'deep idle'),
    watts(shallowIdleWatts, 'shallow'),
  ],
  cooler: ({ heightMm, ratedWatts, sockets }) => [
    millimetres(heightMm),
    watts(ratedWatts, 'rated'),
    sockets ? `socket ${sockets.join(', ')}` : null,
  ],
  memory: ({ type, ecc, idleWatts }) => [type, ecc ? 'ECC' : 'no ECC', watts(idleWatts, 'idle')],
  supply: ({ shape, ratedWatts, certificate, sataPlugs }) => [
    shape,
    say.watts(ratedWatts),
    certificate,
    sataPlugs === null ? null : `${sataPlugs} SATA plugs`,
  ],
  controller: ({ drivePorts, manner, idleWatts, lanes }) => [
    say.counted(drivePorts, 'port'),
    manner,
    lanes === null ? null : `×${lanes}`,
    watts(idleWatts, 'idle'),
  ],
  nic: ({ ports, bitsPerSecond, plug, idleWatts }) => [
    bitsPerSecond === null ? null : `${ports} × ${say.number(bitsPerSecond / 1e9, 1)} Gb/s`,
    plug,
    watts(idleWatts, 'idle'),
  ],
  display: ({ lanes, idleWatts }) => [
    lanes === null ? null : `×${lanes}`,
    watts(idleWatts, 'idle'),
  ],
  fan: ({ sizeMm, thicknessMm, noiseDecibels }) => [
    `${sizeMm} mm`,
    thicknessMm === null ? null : `${thicknessMm} mm thick`,
    noiseDecibels === null ? null : `${noiseDecibels} dB(A)`,
  ],
  drive: ({ capacityBytes, formFactor, idleWatts }) => [
    say.drive(capacityBytes),
    /\d"?$/.test(formFactor) && formFactor !== 'M.2' ? `${formFactor}"` : formFactor,
    watts(idleWatts, 'idle'),
  ],
  cage: ({ rows, columns, formFactor, openings }) => [
    `${say.counted(rows * columns, 'bay')} of ${formFactor}"`,
    `fills ${say.counted(openings, 'wide opening')}`,
  ],
  cable: ({ nearPlug, farPlug, nearEnds, farEnds, lengthMm, direction }) => [
    `${nearEnds > 1 ? `${nearEnds} × ` : ''}${nearPlug} to ${farEnds > 1 ? `${farEnds} × ` : ''}${farPlug}`,
    direction === 'either' ? null : (direction ?? 'direction not known'),
    millimetres(lengthMm),
  ],
  enclosure: ({ rows, columns, formFactor, hostPlug, idleWatts }) => [
    `${say.counted(rows * columns, 'bay')} of ${formFactor}"`,
    hostPlug,
    watts(idleWatts, 'idle'),
  ],
  ups: ({ ratedWatts, minutesAtHalfLoad, batterySockets }) => [
    watts(ratedWatts, 'carried'),
    minutesAtHalfLoad === null ? null : `${minutesAtHalfLoad} min at half load`,
    batterySockets === null ? null : `${batterySockets} sockets on battery`,
  ],
  boot: ({ capacityBytes, attaches }) => [say.drive(capacityBytes), attaches],
  riser: ({ lanes, gives, liesFlat }) => [
    lanes === null ? null : `×${lanes}`,
    gives ? `gives ${gives.map((one) => `×${one}`).join(' and ')}` : null,
    liesFlat === true ? 'lies flat' : null,
  ],
  place: ({ widthMm, heightMm, depthMm }) => [
    `${widthMm ?? '?'} × ${heightMm ?? '?'} × ${depthMm ?? '?'} mm inside`,
  ],
}

/** One line about a part: "microATX, socket V4, 6 SATA, 3 slots". */
export function partWords(sheet: PartSheet): string {
  // Each entry takes the sheet of its own kind, which indexing by the kind cannot say.
  const words = WORDS[sheet.kind] as ((one: PartSheet) => (string | null)[]) | undefined
  return (words?.(sheet) ?? []).filter((word) => word !== null).join(', ')
}

/** What a part costs here: nothing while pieces of it are owned. */
export function costWords({
  sheet,
  ownedPieces,
}: {
  sheet: PartSheet
  ownedPieces: number
}): string {
  if (ownedPieces > 0) return `${say.number(ownedPieces)} owned`
  return sheet.price ? say.roundMoney(sheet.price.unitMinor, sheet.price.currency) : 'no price'
}
