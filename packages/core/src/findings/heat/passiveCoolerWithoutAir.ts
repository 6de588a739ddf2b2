import { boardSpeed } from '../../heat/boardAir'
import { found } from '../../judging/finding'
import type { Rule } from '../../judging/rule'
import { piecesOf } from '../../machine/machine'
import type { PieceId } from '../../machine/piece'

interface Facts {
  coolerId: PieceId
  metresPerSecond: number
}

/** Fins without a fan of their own want about so much from the fans of the case, m/s. Common practice, no source. */
export const FINS_METRES_PER_SECOND = 0.5

/** A cooler without a fan, in a case whose fans hardly move the air at the board. */
export const passiveCoolerWithoutAir: Rule<'passive-cooler-without-air', Facts> = {
  code: 'passive-cooler-without-air',
  step: 'heat',
  find: ({ machine, airFlow }) =>
    piecesOf(machine, 'cooler')
      .filter(({ dataSheet: { fanCount, idleWatts } }) =>
        fanCount === null ? idleWatts === 0 : fanCount === 0,
      )
      .flatMap((cooler) => {
        const metresPerSecond = boardSpeed(machine, airFlow).likely
        if (metresPerSecond >= FINS_METRES_PER_SECOND) return []
        return found('risks', { parts: [cooler] }, { coolerId: cooler.id, metresPerSecond })
      }),
  sentence: ({ coolerId, metresPerSecond }, { piece, format }) => {
    const [moves, wanted] = format.apart(metresPerSecond, FINS_METRES_PER_SECOND, format.number, 1)
    return `${piece(coolerId)} has no fan and lives by the air of the case, which moves at about ${moves} m/s there; ${wanted} m/s are wanted.`
  },
}
