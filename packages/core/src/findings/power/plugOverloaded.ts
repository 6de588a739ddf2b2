import type { PowerPlug } from '../../catalogue/plugs'
import { found, lack } from '../../judging/finding'
import type { Rule } from '../../judging/rule'
import { startAmpsMissing } from '../../judging/startAmpsMissing'
import { type PowerFeed, isOverloaded } from '../../machine/wiring/wirePower'

interface Facts {
  end: string
  plug: PowerPlug
  drives: number
  amps: number
  ratedAmps: number
  whileStarting: boolean
  /** Plugs of the same piece that carry too much. */
  plugs: number
}

/** A plug of a backplane through which its drives draw more, while starting or at work, than it is rated for. */
export const plugOverloaded: Rule<'plug-overloaded', Facts> = {
  code: 'plug-overloaded',
  step: 'drives',
  find: ({ machine, stagedPower }) => {
    const feeds = (stagedPower?.feeds ?? []).filter(
      ({ end }) => 'backplane' in end.ref && end.driveIds.length > 0,
    )
    return [...byPiece(feeds)].flatMap(([pieceId, some]) => {
      const partIds = [pieceId]
      if (some.some(({ startAmps }) => startAmps === null)) {
        const driveIds = some.flatMap(({ end }) => end.driveIds)
        return lack(startAmpsMissing(machine, driveIds), { partIds })
      }
      const over = some.filter(isOverloaded)
      const [worst] = [...over].sort((one, other) => ampsOf(other) - ampsOf(one))
      if (!worst) return []
      const { end, startAmps, ratedAmps } = worst
      const facts = {
        end: end.name,
        plug: end.plug,
        drives: end.driveIds.length,
        amps: ampsOf(worst),
        ratedAmps,
        whileStarting: (startAmps ?? 0) > ratedAmps,
        plugs: over.length,
      }
      return found('risks', { partIds }, facts)
    })
  },
  sentence: ({ end, plug, drives, amps, ratedAmps, whileStarting, plugs }, { format }) => {
    const [draw, rated] = format.apart(amps, ratedAmps, format.amps, 1)
    return `${format.counted(drives, 'drive')} behind ${end} ${drives === 1 ? 'draws' : 'draw'} ${draw} ${whileStarting ? 'while starting' : 'at work'}; a ${plug} plug is rated for ${rated}.${plugs > 1 ? ` ${format.counted(plugs, 'plug carries', 'plugs carry')} too much.` : ''} Start them one after the other, or use every plug.`
  },
  question: 'whether the power plugs of the backplane carry its drives',
}

const ampsOf = ({ startAmps, runningAmps }: PowerFeed): number =>
  Math.max(startAmps ?? 0, runningAmps ?? 0)

function byPiece(feeds: readonly PowerFeed[]): Map<string, PowerFeed[]> {
  const pieces = new Map<string, PowerFeed[]>()
  for (const feed of feeds) {
    if (!('backplane' in feed.end.ref)) continue
    const { pieceId } = feed.end.ref.backplane
    const before = pieces.get(pieceId)
    if (before) before.push(feed)
    else pieces.set(pieceId, [feed])
  }
  return pieces
}
