import { changedPart, demoDesign } from '../../../fixtures/demo'
import { type RuleCase, testRules, withPart, without } from '../../../fixtures/ruleTable'
import type { Design } from '../../design/design'
import { applyEdit } from '../../design/edits/edit'
import { GIB, KIB } from '../../units/bytes'
import { fitAnother } from '../../design/edits/fitPart'
import { SERVICE_DEFAULTS, type Service } from '../../design/services'

const demo = demoDesign('cabin-archive')
/** The cabin without a device of its own for the system. */
const cabin = without(demo, 'boot')
const drawer = demoDesign('drawer-of-drives')
const poolId = cabin.pools[0]?.id ?? ''

/** The cabin with so many flash devices more, and their ids. */
function withFlash(count: number, change: Record<string, unknown> = {}): [Design, string[]] {
  const flash = changedPart('quillon-spark-250m', { powerLossProtection: true, ...change })
  let design = cabin
  const ids: string[] = []
  for (let index = 0; index < count; index += 1) {
    const before = new Set(design.fitted.map(({ id }) => id))
    design = fitAnother(design, flash)
    ids.push(...design.fitted.flatMap(({ id }) => (before.has(id) ? [] : [id])))
  }
  return [design, ids]
}

interface Wanted extends Partial<Omit<Service, 'parts'>> {
  devices?: number
  bytes?: number | null
  flash?: Record<string, unknown>
  brief?: Partial<Design['brief']>
}

/** The cabin with one service on flash of its own. */
function serving({ devices = 1, bytes = null, flash, brief, ...change }: Wanted): Design {
  const [design, ids] = withFlash(devices, flash)
  const service: Service = {
    id: 'service-1',
    role: 'write log',
    poolId,
    arrangement: 'mirror',
    parts: ids.map((pieceId) => ({ pieceId, bytes })),
    ...SERVICE_DEFAULTS,
    writtenBytesPerDay: 1e9,
    ...change,
  }
  const served = applyEdit(design, { do: 'put-service', service })
  return brief ? applyEdit(served, { do: 'change-brief', change: brief }) : served
}

/** Two pools served by one device. */
function shared(): Design {
  const pool = drawer.pools[0]
  if (!pool) throw new Error('The demo has no pool.')
  const first = serving({ bytes: 16e9 })
  const two = { ...first, pools: [...first.pools, { ...pool, id: 'pool-9', groups: [] }] }
  const [log] = two.services
  if (!log) throw new Error('There is no log.')
  const cache: Service = { ...log, id: 'service-2', role: 'read cache', poolId: 'pool-9' }
  return applyEdit(two, { do: 'put-service', service: cache })
}

/** The system on flash in a bay of the case. */
function systemInBay(access: 'hot-swap' | 'internal'): Design {
  const bay = 'chassis-1/12'
  const there = cabin.fitted.find((part) => part.bay === bay)?.id ?? ''
  const model = changedPart('quillon-keep-12', { medium: 'flash', enduranceBytes: 1e15 })
  const chassis = cabin.snapshots.find(({ sheet }) => sheet.kind === 'chassis')
  if (chassis?.sheet.kind !== 'chassis') throw new Error('The demo has no case.')
  const bayBlocks = chassis.sheet.bayBlocks.map((block) => ({ ...block, access }))
  const design = [
    { do: 'remove' as const, partIds: [there] },
    { do: 'put-drives' as const, model, bays: [bay] },
    { do: 'change-sheet' as const, snapshotId: chassis.id, change: { bayBlocks } },
  ].reduce(applyEdit, cabin)
  const pieceId = design.fitted.find((part) => part.bay === bay)?.id ?? ''
  const service: Service = {
    id: 'service-1',
    role: 'system',
    poolId: null,
    arrangement: 'mirror',
    parts: [{ pieceId, bytes: null }],
    ...SERVICE_DEFAULTS,
  }
  return applyEdit(design, { do: 'put-service', service })
}

/** A log mirrored over two models. */
function unequal(): Design {
  const two = serving({ devices: 2 })
  const [log] = two.services
  const other = fitAnother(two, changedPart('quillon-spark-128b', { powerLossProtection: true }))
  const otherId = other.fitted.at(-1)?.id ?? ''
  if (!log) throw new Error('There is no log.')
  const [first] = log.parts
  const parts = [...(first ? [first] : []), { pieceId: otherId, bytes: null }]
  return applyEdit(other, { do: 'put-service', service: { ...log, parts } })
}

/** A fast tier on M.2 flash with a quick area of 20 GB, which keeps up so much after it; 50 GB arrive until they are moved. */
function tiered(sustainedWriteBytesPerSecond: number | null): Design {
  const flash = changedPart('quillon-shard-1m', {
    quickWriteBytes: 20e9,
    sustainedWriteBytesPerSecond,
    enduranceBytes: 1e18,
  })
  const design = fitAnother(cabin, flash)
  const pieceId = design.fitted.at(-1)?.id ?? ''
  const data = [{ kind: 'media' as const, nowBytes: 1e12, growthBytesPerYear: 0, fileBytes: 50e9 }]
  const service: Service = {
    id: 'service-1',
    role: 'fast tier',
    poolId,
    arrangement: 'mirror',
    parts: [{ pieceId, bytes: null }],
    ...SERVICE_DEFAULTS,
  }
  return [
    { do: 'put-service' as const, service },
    { do: 'change-brief' as const, change: { data } },
  ].reduce(applyEdit, design)
}

/** The board of the cabin. */
const BOARD = 'tindrel-middle-m'

const memberId = cabin.pools[0]?.groups[0]?.driveIds[0] ?? ''

const cases: RuleCase[] = [
  {
    code: 'read-cache-mirrored',
    severity: 'blocks',
    words: 'A read cache cannot be mirrored over 2 devices',
    bad: serving({ role: 'read cache', devices: 2 }),
    good: serving({ role: 'read cache', devices: 2, arrangement: 'stripe' }),
    unknown: null,
  },
  {
    code: 'metadata-weaker-than-pool',
    severity: 'blocks',
    words: 'survives any 2 failures, its metadata devices 1: all of the pool is lost with them.',
    bad: serving({ role: 'metadata', devices: 2 }),
    good: serving({ role: 'metadata', devices: 3 }),
    unknown: null,
  },
  {
    code: 'metadata-weaker-than-pool',
    severity: 'blocks',
    words: 'its metadata devices none',
    bad: serving({ role: 'metadata', devices: 3, arrangement: 'stripe' }),
    good: serving({ role: 'metadata', devices: 3 }),
    unknown: null,
  },
  {
    code: 'log-without-power-protection',
    severity: 'risks',
    words: 'is a write log without power-loss protection',
    bad: serving({ flash: { powerLossProtection: false } }),
    good: serving({}),
    unknown: serving({ flash: { powerLossProtection: null } }),
  },
  {
    code: 'log-no-faster',
    severity: 'note',
    words: 'keeps a small write after about 20,000 µs, the pool itself after about 10,000 µs',
    bad: serving({ flash: { syncWriteMicroseconds: 20_000 } }),
    good: serving({ flash: { syncWriteMicroseconds: 9_999 } }),
    unknown: null,
    // Then it is told by what the device is.
    readAs: ['boot.syncWriteMicroseconds'],
  },
  {
    code: 'memory-before-read-cache',
    severity: 'note',
    words: 'Memory first: there is 32 GiB and the board takes 128 GiB',
    bad: serving({ role: 'read cache', arrangement: 'stripe' }),
    good: withPart(serving({ role: 'read cache', arrangement: 'stripe' }), BOARD, {
      memoryMaxBytes: 32 * GIB,
    }),
    unknown: withPart(serving({ role: 'read cache', arrangement: 'stripe' }), BOARD, {
      memoryMaxBytes: null,
    }),
  },
  {
    code: 'small-blocks-take-all',
    severity: 'risks',
    words: 'Blocks up to 128 KiB go to the metadata devices',
    bad: serving({ role: 'metadata', devices: 3, smallBlockBytes: 128 * KIB }),
    good: serving({ role: 'metadata', devices: 3, smallBlockBytes: 64 * KIB }),
    unknown: null,
  },
  {
    code: 'log-not-mirrored',
    severity: 'note',
    words: 'if it fails together with a crash, the last 5 seconds',
    bad: serving({}),
    good: serving({ devices: 2 }),
    unknown: null,
  },
  {
    code: 'log-unused',
    severity: 'note',
    words: 'Nothing of the brief waits for the write log',
    bad: serving({ writtenBytesPerDay: null }),
    good: serving({}),
    unknown: null,
  },
  {
    code: 'service-too-small',
    severity: 'risks',
    words: 'what can come in between flushes is',
    bad: serving({ bytes: 1e9 }),
    good: serving({ bytes: 16e9 }),
    unknown: null,
  },
  {
    code: 'fast-tier-not-mirrored',
    severity: 'risks',
    words: 'have no redundancy for up to 6 hours',
    bad: serving({ role: 'fast tier', movedEveryHours: 6 }),
    good: serving({ role: 'fast tier', devices: 2 }),
    unknown: null,
  },
  {
    code: 'worn-out-soon',
    severity: 'risks',
    // 150 TB over 2 × 1 TB a day: 75 days, 2.5 months.
    words: 'is rated for about 2 months at 1 TB a day (1 to 5)',
    bad: serving({ writtenBytesPerDay: 1e12 }),
    good: serving({ writtenBytesPerDay: 1e9 }),
    unknown: serving({ flash: { enduranceBytes: null } }),
  },
  {
    code: 'worn-out-soon',
    severity: 'note',
    // 150 TB over 2 × 100 GB a day: 2.05 years.
    words: 'is rated for about 25 months',
    bad: serving({ writtenBytesPerDay: 1e11, brief: { horizonYears: 3 } }),
    good: serving({ writtenBytesPerDay: 1e11, brief: { horizonYears: 2 } }),
    unknown: null,
  },
  {
    code: 'device-overfilled',
    severity: 'blocks',
    words: 'more than it has.',
    bad: serving({ bytes: 300e9 }),
    good: serving({ bytes: 250e9 }),
    unknown: null,
  },
  {
    code: 'device-shared-by-pools',
    severity: 'note',
    words: 'fails, the write log of pool',
    bad: shared(),
    good: serving({}),
    unknown: null,
  },
  {
    code: 'service-on-member',
    severity: 'blocks',
    words: 'is to be a read cache and is a member of a pool',
    bad: applyEdit(cabin, {
      do: 'put-service',
      service: {
        id: 'service-1',
        role: 'read cache',
        poolId,
        arrangement: 'stripe',
        parts: [{ pieceId: memberId, bytes: null }],
        ...SERVICE_DEFAULTS,
      },
    }),
    good: serving({ role: 'read cache' }),
    unknown: null,
  },
  {
    code: 'fast-tier-slows-down',
    severity: 'note',
    words: 'takes 20 GB at full speed and 80 MB/s after that; the network brings 119 MB/s',
    bad: tiered(80e6),
    good: tiered(500e6),
    unknown: tiered(null),
  },
  {
    code: 'mirror-of-equals',
    severity: 'note',
    words: 'All 2 devices of the write log are of one model',
    bad: serving({ devices: 2 }),
    good: unequal(),
    unknown: null,
  },
  {
    code: 'system-in-hot-swap-bay',
    severity: 'note',
    words: 'in a hot-swap bay, where it is pulled by mistake one day',
    bad: systemInBay('hot-swap'),
    good: systemInBay('internal'),
    unknown: null,
  },
  {
    code: 'service-without-device',
    severity: 'risks',
    words: 'No device does the work of the write log.',
    bad: serving({ devices: 0 }),
    good: serving({}),
    unknown: null,
  },
  {
    code: 'service-without-device',
    severity: 'risks',
    words: 'The read cache serves no pool.',
    bad: serving({ role: 'read cache', poolId: null }),
    good: serving({ role: 'read cache' }),
    unknown: null,
  },
]

testRules(cases)
