import type { Finding } from '../../judging/finding'
import type { Rule } from '../../judging/rule'

/** A pool that runs on while a drive of it is sent back: what it survives meanwhile, and what may be put on it. */
export const memberSentBack: Rule = ({ design, machine, survival }, format) =>
  survival.pools.flatMap(({ poolId, state, awayIds, survival: { alwaysSurvived } }): Finding[] => {
    const sentBack = awayIds.filter((id) => machine.pieces.get(id)?.part.away === 'sent back')
    const pool = design.pools.find(({ id }) => id === poolId)
    if (sentBack.length === 0 || !pool) return []
    const gone = format.counted(sentBack.length, 'member is', 'members are')
    const meanwhile =
      state === 'down'
        ? 'it does not run until they are back'
        : state === 'partly away'
          ? 'the files on them cannot be read until they are back'
          : alwaysSurvived > 0
            ? `it still survives any ${format.counted(alwaysSurvived, 'failure')}`
            : 'it survives no failure now: put nothing on it that is nowhere else, and make the second copy first'
    return [
      {
        code: 'member-sent-back',
        severity: state === 'down' ? 'blocks' : 'risks',
        step: 'drives',
        partIds: sentBack,
        groupIds: pool.groups
          .filter(({ driveIds }) => driveIds.some((id) => sentBack.includes(id)))
          .map(({ id }) => id),
        sentence: `Pool ${pool.name}: ${gone} sent back, and ${meanwhile}.`,
        numbers: { away: sentBack.length, alwaysSurvived },
      },
    ]
  })
