import { type BoardPlace, sharedPlace } from '../../catalogue/kinds/board'
import { fitFinding } from '../../judging/fitFinding'
import { notKnown } from '../../judging/notKnown'
import type { Rule } from '../../judging/rule'
import { sheetName } from '../../judging/sheetName'
import { type Machine, pieceOf } from '../../machine/machine'
import type { PlacedDevice } from '../../machine/placement/placeDevices'
import { cardLoads } from '../../paths/cardLoads'

/**
 * Places that share lanes: in the best way to put everything, something gets fewer than it could use, or finds no
 * place because one goes dead. What loses lanes that it does not need is no loss.
 */
export const slotsShareLanes: Rule = ({ machine }) => {
  const board = pieceOf(machine, 'board')
  const { placement } = machine
  if (!board?.dataSheet.slots || placement.placed.length + placement.leftIds.length === 0) return []
  const { sharing } = board.dataSheet
  const base = { code: 'slots-share-lanes', step: 'core' } as const
  if (sharing === null) {
    if (placement.placed.length < 2) return []
    return [
      notKnown({
        ...base,
        partIds: [board.id],
        question: 'whether cards take lanes from each other',
        missing: `what the slots of ${sheetName(board.dataSheet)} share`,
      }),
    ]
  }
  const hurt = mostHurt(machine)
  if (!hurt) return []
  const { loses, inUse, lanesLeft, pieceIds } = hurt
  return [
    fitFinding({
      ...base,
      severity: lanesLeft === 0 ? 'blocks' : 'risks',
      parts: [board, ...pieceIds.flatMap((id) => machine.pieces.get(id) ?? [])],
      sentence: `However the cards are placed, ${placeWords(loses)} ${lanesLeft === 0 ? 'is dead' : `has ${lanesLeft} ${lanesLeft === 1 ? 'lane' : 'lanes'} left`} while ${placeWords(inUse)} is used.`,
      numbers: { lanesLeft },
    }),
  ]
}

interface Hurt {
  inUse: BoardPlace
  loses: BoardPlace
  lanesLeft: number
  pieceIds: string[]
  /** Bytes a second that are missing for it; Infinity for a place that something would need and that is dead. */
  missing: number
}

/** The rule of the board by which most is missing; none when nothing is. */
function mostHurt(machine: Machine): Hurt | undefined {
  const board = pieceOf(machine, 'board')?.dataSheet
  const loads = cardLoads(machine)
  const at = ({ kind, number }: BoardPlace): PlacedDevice[] =>
    loads.filter(({ root }) => root.kind === kind && root.number === number)
  const found = (board?.sharing ?? []).flatMap((rule): Hurt[] => {
    const [inUse, loses] = [sharedPlace(rule.inUse), sharedPlace(rule.loses)]
    const users = at(inUse)
    if (users.length === 0) return []
    const { lanesLeft } = rule
    const base = { inUse, loses, lanesLeft }
    const left = machine.placement.leftIds
    if (lanesLeft === 0 && at(loses).length === 0 && left.length > 0) {
      return [{ ...base, pieceIds: [...left, ...users.map(ids)], missing: Infinity }]
    }
    const throttled = at(loses).filter(
      ({ lanes, shortBytesPerSecond }) => shortBytesPerSecond > 0 && lanes <= lanesLeft,
    )
    const missing = throttled.reduce((sum, { shortBytesPerSecond: short }) => sum + short, 0)
    return missing === 0 ? [] : [{ ...base, pieceIds: [...throttled, ...users].map(ids), missing }]
  })
  return found.sort(
    (one, other) =>
      other.missing - one.missing ||
      one.lanesLeft - other.lanesLeft ||
      one.loses.number - other.loses.number,
  )[0]
}

const ids = ({ pieceId }: PlacedDevice): string => pieceId

const placeWords = ({ kind, number }: BoardPlace): string =>
  kind === 'M.2' ? `M.2 socket ${number}` : `slot ${number}`
