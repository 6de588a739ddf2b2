import { fittingOf } from '../../machine/piece'
import { found } from '../../judging/finding'
import type { Rule } from '../../judging/rule'
import { upperFirst } from '../../units/firstLetter'
import type { PoolStateName } from '../../pool/poolState'

interface Facts {
  poolId: string
  away: number
  state: PoolStateName
  alwaysSurvived: number
}

/** A pool that runs on while a drive of it is sent back: what it survives meanwhile, and what may be put on it. */
export const memberSentBack: Rule<'member-sent-back', Facts> = {
  code: 'member-sent-back',
  step: 'drives',
  find: ({ pools, machine, survival }) =>
    survival.pools.flatMap(({ poolId, state, awayIds, survival: { alwaysSurvived } }) => {
      const sentBack = awayIds.filter((id) => fittingOf(machine.fittings, id).away === 'sent back')
      const pool = pools.find(({ id }) => id === poolId)
      if (sentBack.length === 0 || !pool) return []
      const groupIds = pool.groups
        .filter(({ driveIds }) => driveIds.some((id) => sentBack.includes(id)))
        .map(({ id }) => id)
      const facts = { poolId, away: sentBack.length, state, alwaysSurvived }
      return found(state === 'down' ? 'blocks' : 'risks', { partIds: sentBack, groupIds }, facts)
    }),
  sentence: ({ poolId, away, state, alwaysSurvived }, { pool, format }) => {
    const they = away === 1 ? 'it is' : 'they are'
    const meanwhile =
      state === 'down'
        ? `the pool does not run until ${they} back`
        : state === 'partly away'
          ? `the files on ${away === 1 ? 'it' : 'them'} cannot be read until ${they} back`
          : alwaysSurvived > 0
            ? `the pool still survives any ${format.counted(alwaysSurvived, 'failure')}`
            : 'the pool survives no failure now: put nothing on it that is nowhere else, and make the second copy first'
    return `${upperFirst(pool(poolId))}: ${format.counted(away, 'member is', 'members are')} sent back, and ${meanwhile}.`
  },
}
