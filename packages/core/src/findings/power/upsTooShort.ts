import { found, lack } from '../../judging/finding'
import { missingOf } from '../../judging/missing'
import type { Rule } from '../../judging/rule'
import { piecesOf } from '../../machine/machine'
import type { PieceId } from '../../machine/piece'
import { upsHolds } from '../../power/upsRuntime'
import type { Band } from '../../units/band'

/** What a server needs to stop its guests and write everything down. Common practice, no source. */
export const SHUTDOWN_MINUTES = 5

interface Facts {
  upsId: PieceId
  minutes: Band
  loadWatts: number
}

/** The UPS does not hold the machine for as long as a safe shutdown takes. */
export const upsTooShort: Rule<'ups-too-short', Facts> = {
  code: 'ups-too-short',
  step: 'power',
  find: ({ machine, power: { wall } }) => {
    const [ups] = piecesOf(machine, 'ups')
    if (!ups || !wall) return []
    const parts = [ups]
    const { loadWatts, minutes } = upsHolds(ups, wall)
    if (loadWatts <= 0) return []
    if (!minutes) return [lack(missingOf(ups, 'minutesAtHalfLoad'), { parts })]
    if (minutes.low >= SHUTDOWN_MINUTES) return []
    const severity = minutes.likely < SHUTDOWN_MINUTES ? 'risks' : 'note'
    return [found(severity, { parts }, { upsId: ups.id, minutes, loadWatts })]
  },
  sentence: ({ upsId, minutes: { low, likely }, loadWatts }, { piece, format }) => {
    const write = (value: number, digits = 1): string =>
      format.counted(value, 'minute', 'minutes', digits)
    const [holds, needs] = format.apart(
      likely < SHUTDOWN_MINUTES ? likely : low,
      SHUTDOWN_MINUTES,
      write,
      1,
    )
    return `${piece(upsId)} holds ${format.watts(loadWatts)} for ${likely < SHUTDOWN_MINUTES ? 'about' : 'perhaps only'} ${holds}; a safe shutdown takes about ${needs}, and an old battery holds half of it.`
  },
  question: 'whether the UPS holds until the machine has shut down',
}
