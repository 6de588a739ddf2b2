import { demoDesign } from '../../fixtures/demo'
import type { Brief } from '../design/brief'
import type { Design } from '../design/design'
import { changeBrief } from '../design/edits/changeFields'
import { applyEdit } from '../design/edits/edit'
import { Evaluator } from '../evaluate'
import { wordsFor } from '../judging/words'
import type { Pool } from '../design/pools/pools'
import { formatterFor } from '../units/formatter'
import { TIB } from '../units/bytes'
import { heldPools } from './heldPools'
import { type LimitId, limitWords } from './limits'
import type { PoolStanding } from './poolStandings'

const cabin = demoDesign('cabin-archive')
const [plates] = cabin.pools
if (plates?.family !== 'zfs') throw new Error('The cabin has no pool of ZFS.')
const [first] = plates.groups

/** The cabin with its second group as a stripe of its own: "desk" survives nothing. */
const two: Design = {
  ...cabin,
  pools: [
    { ...plates, groups: first ? [first] : [] },
    {
      ...plates,
      id: 'pool-2',
      name: 'desk',
      groups: [{ id: 'group-2', kind: 'stripe', driveIds: plates.groups[1]?.driveIds ?? [] }],
    },
  ],
}
const entry = (kind: Brief['data'][number]['kind'], nowBytes: number) => ({
  kind,
  nowBytes,
  growthBytesPerYear: 0,
  fileBytes: 1e9,
})
const asked = changeBrief(two, {
  data: [entry('media', 10 * TIB), entry('projects', 2 * TIB)],
  failuresWanted: 2,
  outageHoursTolerated: 4,
})
const placed = (kind: 'media' | 'projects', poolId: string, design: Design): Design =>
  applyEdit(design, { do: 'place-data', kind, poolId })
const apart = placed('media', 'pool-1', placed('projects', 'pool-2', asked))
const scratch = (design: Design): Design =>
  applyEdit(design, { do: 'use-for-scratch', poolId: 'pool-2', isScratch: true })

const standingOf = (design: Design, poolId: string): PoolStanding | undefined =>
  new Evaluator().standings(design).find((one) => one.poolId === poolId)
const limitOf = (design: Design, id: LimitId) => {
  const judged = new Evaluator().evaluate(design).limits.find((limit) => limit.id === id)
  if (!judged) throw new Error('The brief has no such limit.')
  return {
    status: judged.status,
    has: limitWords(judged, wordsFor(design, formatterFor('en'))).has,
  }
}

test('each pool is held against the wishes of the brief for what lives there', () => {
  expect(standingOf(apart, 'pool-1')).toMatchObject({
    roles: ['bulk'],
    space: { status: 'kept' },
    failures: { status: 'kept', has: { likely: 2 } },
    outage: { status: 'kept', has: { likely: 0 } },
  })
  expect(standingOf(apart, 'pool-2')).toMatchObject({
    roles: ['projects'],
    failures: { status: 'missed', has: { likely: 0 } },
    outage: { status: 'missed' },
  })
})

test('what is copied back is what lives there: 2 TiB through 113.75 MB/s are 5.4 hours', () => {
  const hours = standingOf(apart, 'pool-2')?.outage?.has.likely ?? 0
  // The cabin has two gigabit ports, of which the old server fills one.
  expect(hours).toBeCloseTo((2 * TIB) / 113.75e6 / 3_600, 0)
  // With films that may be anywhere, they may be there.
  const anywhere = placed('projects', 'pool-2', asked)
  expect(standingOf(anywhere, 'pool-2')?.outage?.has.likely).toBeGreaterThan(hours * 4)
})

test('the ledger says the worst with its name', () => {
  expect(limitOf(apart, 'failures')).toEqual({ status: 'missed', has: 'none in pool desk' })
  expect(limitOf(apart, 'outage')).toEqual({
    status: 'missed',
    has: 'at least 5.4 h for pool desk',
  })
})

test('a pool without drives holds nothing that could be lost, unless there is no other', () => {
  const [pool] = apart.pools
  if (!pool) throw new Error('no pool')
  const empty = { ...pool, id: 'empty', groups: [] } as Pool
  const idsOf = (pools: readonly Pool[]): string[] =>
    heldPools({ pools, tenants: apart.tenants }).map(({ id }) => id)
  expect(idsOf([empty, pool])).toEqual([pool.id])
  expect(idsOf([empty])).toEqual(['empty'])
})

test('scratch has nothing to keep, and no other pool is named beside it', () => {
  const design = scratch(placed('media', 'pool-1', asked))
  expect(standingOf(design, 'pool-2')).toEqual({
    poolId: 'pool-2',
    roles: ['scratch'],
    kinds: [],
    space: null,
    failures: null,
    outage: null,
    readers: null,
  })
  expect(limitOf(design, 'failures')).toEqual({ status: 'kept', has: 'any 2' })
  expect(limitOf(design, 'outage')).toEqual({ status: 'kept', has: 'runs on' })
})

test('readers are judged where they read, and never send anybody to scratch', () => {
  const named = (poolId: string | null): Design => {
    const [one, other] = asked.brief.readers
    if (!one || !other) throw new Error('The cabin has two readers.')
    return changeBrief(asked, {
      readersAtOnce: 2,
      readers: [
        { ...one, poolId },
        { ...other, poolId: 'pool-1' },
      ],
    })
  }
  expect(standingOf(named('pool-2'), 'pool-2')?.readers?.status).toBe('kept')
  expect(standingOf(named('pool-1'), 'pool-2')?.readers).toBeNull()
  expect(limitOf(named('pool-2'), 'readers').has).toMatch(/ from pool (plates|desk)/)
  // Both pools are as large, and scratch is the first by its id only when nothing else is there.
  const open = applyEdit(named(null), { do: 'use-for-scratch', poolId: 'pool-1', isScratch: true })
  expect(standingOf(open, 'pool-2')?.readers).not.toBeNull()
})
