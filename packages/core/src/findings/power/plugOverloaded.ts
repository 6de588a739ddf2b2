import { fitFinding } from '../../judging/fitFinding'
import type { Finding } from '../../judging/finding'
import { notKnown } from '../../judging/notKnown'
import type { Rule } from '../../judging/rule'
import { isOverloaded, type PowerFeed } from '../../machine/wiring/wirePower'

/** A plug of a backplane through which its drives draw more, while starting or at work, than it is rated for. */
export const plugOverloaded: Rule = ({ machine }, format) => {
  const feeds = (machine.wiring.power?.feeds ?? []).filter(
    ({ end }) => 'backplane' in end.ref && end.driveIds.length > 0,
  )
  return [...byPiece(feeds)].flatMap(([pieceId, some]): Finding[] => {
    const base = { code: 'plug-overloaded', step: 'drives' } as const
    if (some.some(({ startAmps }) => startAmps === null)) {
      return [
        notKnown({
          ...base,
          partIds: [pieceId],
          question: 'whether the power plugs of the backplane carry its drives',
          missing: 'the starting current of every drive',
        }),
      ]
    }
    const over = some.filter(isOverloaded)
    const [worst] = [...over].sort((one, other) => (other.startAmps ?? 0) - (one.startAmps ?? 0))
    if (!worst) return []
    const { end, startAmps, ratedAmps } = worst
    const drives = end.driveIds.length
    return [
      fitFinding({
        ...base,
        severity: 'risks',
        parts: [{ id: pieceId }],
        sentence: `${format.counted(drives, 'drive')} behind ${end.name}, draw ${format.number(startAmps ?? 0, 1)} A while starting; a ${end.plug} plug is rated for ${format.number(ratedAmps, 1)} A.${over.length > 1 ? ` ${format.counted(over.length, 'plug carries', 'plugs carry')} too much.` : ''} Start them one after the other, or use every plug.`,
        numbers: { drives, startAmps: startAmps ?? 0, ratedAmps, plugs: over.length },
      }),
    ]
  })
}

function byPiece(feeds: readonly PowerFeed[]): Map<string, PowerFeed[]> {
  const found = new Map<string, PowerFeed[]>()
  for (const feed of feeds) {
    if (!('backplane' in feed.end.ref)) continue
    const { pieceId } = feed.end.ref.backplane
    const before = found.get(pieceId)
    if (before) before.push(feed)
    else found.set(pieceId, [feed])
  }
  return found
}
