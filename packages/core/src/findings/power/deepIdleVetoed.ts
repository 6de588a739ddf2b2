import { found } from '../../judging/finding'
import type { Rule } from '../../judging/rule'
import type { PieceId } from '../../machine/piece'

interface Facts {
  partIds: readonly PieceId[]
  /** Null where a data sheet does not say what sleeping deeply saves. */
  vetoWatts: number | null
}

/** A part without link power management keeps the whole CPU package awake. */
export const deepIdleVetoed: Rule<'deep-idle-vetoed', Facts> = {
  code: 'deep-idle-vetoed',
  step: 'drives',
  find: ({ power: { vetoPartIds, veto } }) => {
    if (vetoPartIds.length === 0 || veto.high === 0) return []
    const vetoWatts = veto.missing.length > 0 ? null : veto.likely
    return [found('note', { partIds: vetoPartIds }, { partIds: vetoPartIds, vetoWatts })]
  },
  sentence: ({ partIds, vetoWatts }, { pieces, format }) =>
    `${pieces(partIds)} ${partIds.length === 1 ? 'keeps' : 'keep'} the CPU out of deep idle: ${vetoWatts === null ? 'what that costs is not known' : `${format.watts(vetoWatts, 1)} more, day and night`}.`,
}
