import { type BoardPlace, sharedPlace } from '../../catalogue/kinds/board'
import { found, lack } from '../../judging/finding'
import { missingOf } from '../../judging/missing'
import type { Rule } from '../../judging/rule'
import { type Machine, pieceOf } from '../../machine/machine'
import type { PlacedDevice } from '../../machine/placement/placeDevices'

interface Facts {
  loses: BoardPlace
  inUse: BoardPlace
  lanesLeft: number
}

/**
 * Places that share lanes: in the best way to put everything, something gets fewer than it could use, or finds no
 * place because one goes dead. What loses lanes that it does not need is no loss.
 */
export const slotsShareLanes: Rule<'slots-share-lanes', Facts> = {
  code: 'slots-share-lanes',
  step: 'core',
  find: ({ machine, cardLoads }) => {
    const board = pieceOf(machine, 'board')
    const { placement } = machine
    if (!board?.dataSheet.slots || placement.placed.length + placement.leftIds.length === 0)
      return []
    const { sharing } = board.dataSheet
    if (sharing === null) {
      if (placement.placed.length < 2) return []
      return [lack(missingOf(board, 'sharing'), { parts: [board] })]
    }
    const hurt = mostHurt(machine, cardLoads)
    if (!hurt) return []
    const { loses, inUse, lanesLeft, pieceIds } = hurt
    const partIds = [board.id, ...pieceIds.filter((id) => machine.pieces.has(id))]
    return [found(lanesLeft === 0 ? 'blocks' : 'risks', { partIds }, { loses, inUse, lanesLeft })]
  },
  sentence: ({ loses, inUse, lanesLeft }) =>
    `However the cards are placed, ${placeWords(loses)} ${lanesLeft === 0 ? 'is dead' : `has ${lanesLeft} ${lanesLeft === 1 ? 'lane' : 'lanes'} left`} while ${placeWords(inUse)} is used.`,
  question: 'whether cards take lanes from each other',
}

interface Hurt extends Facts {
  pieceIds: string[]
  /** Bytes a second that are missing for it; Infinity for a place that something would need and that is dead. */
  missing: number
}

/** The rule of the board by which most is missing; none when nothing is. */
function mostHurt(machine: Machine, loads: readonly PlacedDevice[]): Hurt | undefined {
  const board = pieceOf(machine, 'board')?.dataSheet
  const at = ({ kind, number }: BoardPlace): PlacedDevice[] =>
    loads.filter(({ root }) => root.kind === kind && root.number === number)
  const hurt = (board?.sharing ?? []).flatMap((rule): Hurt[] => {
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
  return hurt.sort(
    (one, other) =>
      other.missing - one.missing ||
      one.lanesLeft - other.lanesLeft ||
      one.loses.number - other.loses.number,
  )[0]
}

const ids = ({ pieceId }: PlacedDevice): string => pieceId

const placeWords = ({ kind, number }: BoardPlace): string =>
  kind === 'M.2' ? `M.2 socket ${number}` : `slot ${number}`
