import { DATA_PLUGS, DRIVES_PER_DATA_PLUG } from '../../catalogue/plugs'
import { type Machine, piecesOf } from '../machine'
import type { PieceId } from '../piece'
import type { CableLine } from './cableList'
import { cableWords } from './cableWords'

/** Cables with plugs of four lanes, which come in few boxes and cost money. */
export interface MissingCables {
  /** Kinds of cable that are in no box and not in the design. */
  kinds: { which: string; count: number }[]
  /** Controllers that they belong to. */
  hostIds: PieceId[]
  /** Such cables that the wiring has at all. */
  wanted: number
  /** What no data sheet says, so that more or fewer may be missing: plugs of ports, ways of fan-outs, boxes. */
  withoutPlugIds: PieceId[]
  unsureIds: PieceId[]
  boxNotKnownIds: PieceId[]
}

/**
 * Which cables are still to be bought?
 *
 * Plain SATA cables come with boards and cost little, so they do not count. A cable that is there but too short,
 * turned or angled is no missing one.
 */
export function missingCables(machine: Machine): MissingCables {
  const { lines, uses } = machine.cables
  const cards = piecesOf(machine, 'controller')
  const withoutPlugIds = cards
    .filter(
      ({ dataSheet }) =>
        dataSheet.portPlug === null &&
        dataSheet.drivePorts > 0 &&
        dataSheet.controllerType !== 'USB bridge',
    )
    .map(({ id }) => id)
  const wide = lines.filter(({ need }) => isFour(need.nearPlug) || isFour(need.farPlug))
  const used = new Set(uses.flatMap(({ use, partId }) => (use === 'used' ? [partId] : [])))
  // A cable that nobody knows the way of serves a line on paper, and may show no drive; or it serves none,
  // and might if it were known.
  const unsure = wide.flatMap(({ need, from }) =>
    need.direction === 'either'
      ? []
      : piecesOf(machine, 'cable').filter(
          ({ id, dataSheet }) =>
            dataSheet.direction === null &&
            isFour(dataSheet.nearPlug) !== isFour(dataSheet.farPlug) &&
            (id === from?.partId || (from === null && !used.has(id))),
        ),
  )
  const almost = new Set(uses.flatMap(({ line }) => (line?.from === null ? [line] : [])))
  // Where the plugs of a controller are not known, the cables that stand in for it are not wanted for sure.
  const missing =
    withoutPlugIds.length > 0 ? [] : wide.filter((line) => line.from === null && !almost.has(line))
  const hosts = new Set(missing.map(({ host }) => host.pieceId))
  return {
    kinds: kindsOf(missing),
    hostIds: cards.flatMap(({ id }) => (hosts.has(id) ? [id] : [])),
    wanted: wide.length,
    withoutPlugIds: withoutPlugIds.length > 0 && machine.driveIn.size > 0 ? withoutPlugIds : [],
    unsureIds: [...new Set(unsure.map(({ id }) => id))],
    boxNotKnownIds: cards.flatMap(({ id, dataSheet }) =>
      dataSheet.cablesIncluded === null && hosts.has(id) ? [id] : [],
    ),
  }
}

const isFour = (plug: string | null): boolean =>
  DATA_PLUGS.some((one) => one === plug && DRIVES_PER_DATA_PLUG[one] > 1)

/** Each kind once, with how many of it. */
function kindsOf(lines: readonly CableLine[]): MissingCables['kinds'] {
  const counts = new Map<string, number>()
  for (const { need } of lines) {
    const which = cableWords(need)
    counts.set(which, (counts.get(which) ?? 0) + 1)
  }
  return [...counts].map(([which, count]) => ({ which, count }))
}
