import type { PartKind } from '../../catalogue/partKinds'
import { partKinds } from '../../catalogue/partKinds'
import type { Finding, Severity } from '../../judging/finding'
import type { Rule } from '../../judging/rule'
import { piecesOf } from '../../machine/machine'

interface Wanted {
  kind: PartKind
  severity: Severity
  why: string
}

/** What every machine needs before it starts; a boot device may still be made of what is there. */
const WANTED: readonly Wanted[] = [
  { kind: 'board', severity: 'blocks', why: 'nothing can be plugged in anywhere' },
  { kind: 'cpu', severity: 'blocks', why: 'the board does not start' },
  { kind: 'cooler', severity: 'blocks', why: 'the CPU shuts down within seconds' },
  { kind: 'memory', severity: 'blocks', why: 'the board does not start' },
  { kind: 'supply', severity: 'blocks', why: 'nothing has power' },
  { kind: 'boot', severity: 'risks', why: 'the system has no device of its own to start from' },
]

/**
 * A core part that is not chosen yet. An empty case, or drives that are only compared, are left alone; a drive that
 * is in no pool may be what the system starts from.
 */
export const partMissing: Rule = ({ design, machine }): Finding[] => {
  const isBegun = WANTED.some(({ kind }) => piecesOf(machine, kind).length > 0)
  if (!isBegun) return []
  const pooled = new Set(
    design.pools.flatMap(({ groups }) => groups.flatMap(({ driveIds }) => driveIds)),
  )
  const away = new Set(machine.awayIds)
  const isSpare = piecesOf(machine, 'drive').some(({ id }) => !pooled.has(id) && !away.has(id))
  const has = (kind: PartKind): boolean =>
    piecesOf(machine, kind).length > 0 || (kind === 'boot' && isSpare)
  return WANTED.filter(({ kind }) => !has(kind)).map(({ kind, severity, why }) => ({
    code: 'part-missing',
    severity,
    step: kind === 'supply' ? 'shell' : 'core',
    partIds: [],
    groupIds: [],
    sentence: `No ${partKinds[kind].words.one} is chosen: ${why}.`,
    numbers: {},
  }))
}
