import fc from 'fast-check'
import { changedPart, demoDesign, demoPart } from '../../fixtures/demo'
import type { Design } from '../design/design'
import { applyEdit } from '../design/edits/edit'
import { fitAnother, fitPart } from '../design/edits/fitPart'
import { SERVICE_DEFAULTS, type Service } from '../design/services'
import { parseDesign } from '../design/parseDesign'
import { resolveMachine } from '../machine/resolveMachine'
import { GIB, KIB, TIB } from '../units/bytes'
import { hoursAsleep } from './hoursAsleep'
import { memoryWanted } from './memoryWanted'
import { smallBlocks } from './smallBlocks'
import { slowestWait, syncWriteWait } from './syncWriteWait'
import { driveWritesPerDay, enduranceOf } from './driveWritesPerDay'
import { insideBytesOf } from './insideBytesOf'
import { lifeYears } from './lifeYears'
import { memoryPlan } from './memoryPlan'
import { metadataBytes } from './metadataBytes'
import { readCacheHeaders } from './readCacheHeaders'
import { servicesFigure } from './servicesFigure'
import { dirtyLimitBytes, writeLogSizes } from './writeLogSizes'
import { synchronousBytesPerDay, writtenPerDay } from './writtenPerDay'

describe('life of flash', () => {
  // Common practice, no source: two cheap devices of 120 GB rated 40 and 70 TB are consumables as a write buffer.
  test.each([
    [40e12, 55e9, 1.99],
    [70e12, 55e9, 3.48],
  ])('%d bytes at %d a day last %d years at the most', (rated, daily, years) => {
    expect(lifeYears(rated, daily, 0)?.high).toBeCloseTo(years, 2)
    expect(lifeYears(rated, daily, 0)?.likely).toBeCloseTo(years / 2, 2)
  })

  test('a pair of 960 GB with 3 TB a day, at one drive write a day for five years', () => {
    const rated = enduranceOf(1, 960e9, 5)
    // 960e9 × 5 × 365.25 = 1.7532e15, over 3e12 × 365.25 a year.
    expect(rated).toBe(1.7532e15)
    expect(lifeYears(rated, 3e12, 0)?.high).toBeCloseTo(1.6, 10)
  })

  test('drive writes a day and rated bytes are the same figure both ways', () => {
    expect(driveWritesPerDay(enduranceOf(0.3, 2e12, 5), 2e12, 5)).toBeCloseTo(0.3, 12)
  })

  test('more writes never lengthen it, wear never does, and nothing written never ends it', () => {
    const positive = fc.double({ min: 1, max: 1e15, noNaN: true })
    const share = fc.double({ min: 0, max: 1, noNaN: true })
    fc.assert(
      fc.property(positive, positive, positive, share, (rated, daily, more, worn) => {
        const years = lifeYears(rated, daily, worn)
        const fewer = lifeYears(rated, daily + more, worn)
        expect(fewer?.likely).toBeLessThanOrEqual(years?.likely ?? 0)
        expect(years?.likely).toBeLessThanOrEqual(lifeYears(rated, daily, 0)?.likely ?? 0)
        expect(years?.low).toBeLessThanOrEqual(years?.high ?? 0)
      }),
    )
    expect(lifeYears(1e12, 0, 0)).toBeNull()
  })
})

describe('write log', () => {
  // Source: OpenZFS module parameters: zfs_txg_timeout 5 s, zfs_dirty_data_max_percent 10, zfs_dirty_data_max_max 4 GiB.
  test('what may wait is a tenth of the memory and never over 4 GiB', () => {
    expect(dirtyLimitBytes(16 * GIB)).toBe(Math.floor(1.6 * GIB))
    expect(dirtyLimitBytes(40 * GIB)).toBe(4 * GIB)
    expect(dirtyLimitBytes(256 * GIB)).toBe(4 * GIB)
  })

  test('the two schools differ by a factor of ten', () => {
    // Gigabit: 125 MB/s × 5 s × 3 = 1.875 GB, of which 1.6 GiB may wait in 16 GiB.
    expect(writeLogSizes(125e6, 16 * GIB)).toEqual({
      byRateBytes: Math.floor(1.6 * GIB),
      byMemoryBytes: 8 * GIB,
    })
    expect(writeLogSizes(125e6, 64 * GIB).byRateBytes).toBe(1.875e9)
    expect(writeLogSizes(null, null)).toEqual({ byRateBytes: null, byMemoryBytes: null })
    expect(writeLogSizes(1e12, null).byRateBytes).toBe(4 * GIB)
  })
})

test('headers of a read cache: small records take more memory', () => {
  expect(readCacheHeaders(256 * GIB, 128 * KIB)).toBe(2_097_152 * 96)
  expect(readCacheHeaders(256 * GIB, 16 * KIB)).toBe(8 * 2_097_152 * 96)
  expect(readCacheHeaders(0, KIB)).toBe(0)
})

test('metadata: per file and per record, small files have one short record', () => {
  const one = { kind: 'media' as const, growthBytesPerYear: 0 }
  // 1 TiB of files of 1 GiB: 1,024 files of 2,048 bytes, 8,388,608 records of 256.
  const large = { data: [{ ...one, nowBytes: TIB, fileBytes: GIB }], horizonYears: 3 }
  expect(metadataBytes(large, 128 * KIB)).toBe(1_024 * 2_048 + 8_388_608 * 256)
  const small = { data: [{ ...one, nowBytes: GIB, fileBytes: KIB }], horizonYears: 3 }
  expect(metadataBytes(small, 128 * KIB)).toBe(1_048_576 * (2_048 + 256))
  expect(metadataBytes({ data: [], horizonYears: 3 }, 128 * KIB)).toBe(0)
})

describe('a small write that waits', () => {
  const sheetOf = (slug: string, change: Record<string, unknown>) => {
    const { sheet } = changedPart(slug, change)
    if (sheet.kind !== 'drive' && sheet.kind !== 'boot') throw new Error('not a device')
    return sheet
  }
  const nvme = (change: Record<string, unknown>) =>
    syncWriteWait(sheetOf('quillon-shard-1d', { syncWriteMicroseconds: null, ...change }))
  const sata = (change: Record<string, unknown>) =>
    syncWriteWait(sheetOf('quillon-spark-120', change))
  const disk = syncWriteWait(sheetOf('quillon-keep-12', {}))

  // Common practice, no source: tens of microseconds, about a hundred, one or two milliseconds, ten milliseconds.
  test('protected flash answers at once, other flash after its cells, disks after a turn', () => {
    expect(nvme({ powerLossProtection: true }).likely).toBe(30)
    expect(sata({ powerLossProtection: true }).likely).toBe(100)
    expect(sata({ powerLossProtection: false }).likely).toBe(1_500)
    expect(disk.likely).toBe(10_000)
    // A 7200 rpm disk turns once in 8.3 ms; half a turn is the least to be expected.
    expect(disk.low).toBeLessThan((60e6 / 7_200) * 0.5)
  })

  test('what is not known is as wide as all it may be, and a data sheet ends the guessing', () => {
    expect(nvme({ powerLossProtection: null })).toMatchObject({ low: 15, high: 6_000 })
    expect(nvme({ powerLossProtection: null, syncWriteMicroseconds: 25 })).toEqual({
      low: 25,
      likely: 25,
      high: 25,
    })
  })

  test('the slowest of several counts', () => {
    expect(slowestWait([nvme({}), disk, sata({})])).toEqual(disk)
    expect(slowestWait([])).toBeNull()
  })
})

test('small files go to the metadata device whole, and are written to it', () => {
  const data = [
    { kind: 'other' as const, nowBytes: 3e9, growthBytesPerYear: 365.25e9, fileBytes: 16 * KIB },
    { kind: 'media' as const, nowBytes: 9e12, growthBytesPerYear: 0, fileBytes: 4e9 },
  ]
  expect(smallBlocks({ data, horizonYears: 2 }, 16 * KIB)).toBe(3e9 + 2 * 365.25e9)
  expect(smallBlocks({ data, horizonYears: 2 }, 16 * KIB - 1)).toBe(0)
  expect(smallBlocks({ data, horizonYears: 2 }, null)).toBe(0)
  const metadata: Service = {
    id: 'service-1',
    role: 'metadata',
    poolId: null,
    arrangement: 'mirror',
    parts: [],
    ...SERVICE_DEFAULTS,
  }
  const plain = writtenPerDay(metadata, { data }, 0)
  expect(writtenPerDay({ ...metadata, smallBlockBytes: 16 * KIB }, { data }, 0) - plain).toBe(1e9)
})

test('disks behind a fast tier sleep but for its moving', () => {
  // Once a day, half an hour of moving and half an hour until they stop.
  expect(hoursAsleep(24, 1_800, 30)).toBe(23)
  expect(hoursAsleep(12, 1_800, 30)).toBe(22)
  expect(hoursAsleep(0.1, 60, 30)).toBe(0)
})

test('memory by each school', () => {
  expect(memoryWanted(48.0001e12, null)).toEqual({
    'floor of 8 GiB': 8 * GIB,
    '1 GiB per TB': 48 * GIB,
    'as much as fits': null,
  })
  expect(memoryWanted(2e12, 64 * GIB)['1 GiB per TB']).toBe(8 * GIB)
})

test('stretches that say no size share what is left, and never less than nothing', () => {
  expect(insideBytesOf(100, [60, 60, null])).toEqual([60, 60, 0])
  expect(insideBytesOf(100, [])).toEqual([])
})

describe('what is written a day', () => {
  const service = (change: Partial<Service>): Service => ({
    id: 'service-1',
    role: 'fast tier',
    poolId: null,
    arrangement: 'mirror',
    parts: [
      { pieceId: 'boot-1', bytes: null },
      { pieceId: 'boot-2', bytes: null },
    ],
    ...SERVICE_DEFAULTS,
    ...change,
  })
  const data = [
    { kind: 'media' as const, nowBytes: 1e12, growthBytesPerYear: 365.25e9, fileBytes: 1e9 },
    { kind: 'machine images' as const, nowBytes: 500e9, growthBytesPerYear: 0, fileBytes: 4e10 },
  ]

  test('guests write anew, files do not wait', () => {
    expect(synchronousBytesPerDay({ data })).toBe(5e9)
    expect(synchronousBytesPerDay({ data: data.slice(0, 1) })).toBe(0)
  })

  test('a mirror writes all to each, a stripe its share, and what the user says holds', () => {
    expect(writtenPerDay(service({}), { data }, 0)).toBe(1e9)
    expect(writtenPerDay(service({ arrangement: 'stripe' }), { data }, 0)).toBe(5e8)
    expect(writtenPerDay(service({ writtenBytesPerDay: 7e9 }), { data }, 0)).toBe(7e9)
    expect(writtenPerDay(service({ role: 'system' }), { data }, 0)).toBe(5e9)
    expect(writtenPerDay(service({ role: 'metadata' }), { data }, 0)).toBe(6e7)
    expect(writtenPerDay(service({ role: 'read cache', parts: [] }), { data }, 1e12)).toBe(1e11)
  })
})

describe('services of a design', () => {
  const boot = changedPart('quillon-spark-120', { enduranceBytes: 40e12 })
  const two = [boot, boot].reduce(fitPart, withoutBoots(demoDesign('cabin-archive')))
  const bootIds = two.fitted.filter(({ id }) => id.startsWith('boot-')).map(({ id }) => id)
  const figureOf = (design: Design) => servicesFigure(design, resolveMachine(design))
  const log: Service = {
    id: 'service-1',
    role: 'write log',
    poolId: two.pools[0]?.id ?? '',
    arrangement: 'mirror',
    parts: bootIds.map((pieceId) => ({ pieceId, bytes: 16e9 })),
    ...SERVICE_DEFAULTS,
  }

  test('boot devices hold the system until somebody says otherwise', () => {
    const { services } = figureOf(two)
    expect(services).toMatchObject([
      { isImplied: true, tolerates: 1, bytes: 120_034_123_776, service: { role: 'system' } },
    ])
    const said = applyEdit(two, {
      do: 'put-service',
      service: { ...log, role: 'system', poolId: null },
    })
    expect(figureOf(said).services.map(({ isImplied }) => isImplied)).toEqual([false])
  })

  test('stretches lie one behind the other, and what is left is told', () => {
    const design = applyEdit(two, { do: 'put-service', service: log })
    const { devices, services } = figureOf(design)
    expect(devices.map(({ partitions, freeBytes }) => [partitions.length, freeBytes])).toEqual([
      [1, 104_034_123_776],
      [1, 104_034_123_776],
    ])
    expect(services[0]).toMatchObject({ bytes: 16e9, tolerates: 1 })
    expect(
      figureOf({ ...design, fitted: design.fitted.map((one) => ({ ...one, wornShare: 0.5 })) })
        .devices[0]?.years?.likely ?? 0,
    ).toBe((devices[0]?.years?.likely ?? 0) / 2)
  })

  test('what is taken out does nothing any more, and the document stays whole', () => {
    const design = applyEdit(two, { do: 'put-service', service: log })
    const without = applyEdit(design, { do: 'remove', partIds: [bootIds[0] ?? ''] })
    expect(without.services[0]?.parts.map(({ pieceId }) => pieceId)).toEqual(bootIds.slice(1))
    expect('design' in parseDesign(JSON.parse(JSON.stringify(without)))).toBe(true)
    expect(applyEdit(design, { do: 'remove-service', serviceId: 'service-1' }).services).toEqual([])
  })

  test('a device that is gone, or named twice, holds nothing and makes up for no failure', () => {
    const twice = { ...log, parts: [...log.parts.slice(0, 1), ...log.parts.slice(0, 1)] }
    const ghost = { ...log, parts: [...log.parts.slice(0, 1), { pieceId: 'boot-9', bytes: null }] }
    for (const service of [twice, ghost]) {
      const { services } = figureOf(applyEdit(two, { do: 'put-service', service }))
      expect(services.find((one) => one.service.id === service.id)).toMatchObject({
        tolerates: 0,
        bytes: 16e9,
        deviceIds: bootIds.slice(0, 1),
      })
    }
  })

  test('a mirror of unlike devices holds what the smaller one does', () => {
    const sizes = [16e9, 40e9]
    const parts = bootIds.map((pieceId, index) => ({ pieceId, bytes: sizes[index] ?? 0 }))
    const mirror = { ...log, parts }
    const { services } = figureOf(applyEdit(two, { do: 'put-service', service: mirror }))
    expect(services[0]).toMatchObject({ bytes: 16e9, strandedBytes: 24e9 })
    const stripe = { ...mirror, arrangement: 'stripe' as const }
    expect(
      figureOf(applyEdit(two, { do: 'put-service', service: stripe })).services[0],
    ).toMatchObject({ bytes: 56e9, strandedBytes: 0 })
  })

  test('a mirror never tolerates less than a stripe of the same devices, nor less with one more', () => {
    const boots = Array.from({ length: 4 }, () => demoPart('quillon-spark-120')).reduce(
      fitAnother,
      withoutBoots(demoDesign('cabin-archive')),
    )
    const ids = boots.fitted.filter(({ id }) => id.startsWith('boot-')).map(({ id }) => id)
    const tolerated = (arrangement: Service['arrangement'], count: number): number => {
      const parts = ids.slice(0, count).map((pieceId) => ({ pieceId, bytes: 16e9 }))
      const service = { ...log, arrangement, parts }
      const { services } = figureOf(applyEdit(boots, { do: 'put-service', service }))
      return services.find((one) => one.service.id === log.id)?.tolerates ?? -1
    }
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 3 }), (count) => {
        expect(tolerated('mirror', count)).toBeGreaterThanOrEqual(tolerated('stripe', count))
        expect(tolerated('mirror', count + 1)).toBeGreaterThanOrEqual(tolerated('mirror', count))
      }),
    )
    expect([1, 2, 4].map((count) => tolerated('mirror', count))).toEqual([0, 1, 3])
  })

  test('a system wants 16 GB, and a read cache of small records more memory', () => {
    expect(figureOf(two).services[0]?.wantedBytes).toBe(16e9)
    const cache = { ...log, role: 'read cache' as const, arrangement: 'stripe' as const }
    const headers = (recordBytes: number | null) =>
      figureOf(applyEdit(two, { do: 'put-service', service: { ...cache, recordBytes } }))
        .services[0]?.memoryBytes ?? 0
    expect(headers(16 * KIB) / headers(null)).toBeCloseTo(8, 3)
  })

  test('disks behind a fast tier sleep only where they may', () => {
    const tier = { ...log, role: 'fast tier' as const }
    const asleep = (spinDownMinutes: number | null) => {
      const ruled = applyEdit(two, { do: 'change-house-rules', change: { spinDownMinutes } })
      const tiered = applyEdit(ruled, { do: 'put-service', service: tier })
      return figureOf(tiered).services[0]?.asleepHours
    }
    expect(asleep(null)).toBeNull()
    expect(asleep(30)).toBeGreaterThan(23)
    expect(asleep(30)).toBeLessThan(23.5)
  })

  test('guests take memory where there are some, and it is not known until somebody says it', () => {
    const image = { nowBytes: 1e11, growthBytesPerYear: 0, fileBytes: 4e10 }
    const change = { data: [{ kind: 'machine images' as const, ...image }] }
    const hosting = applyEdit(two, { do: 'change-brief', change })
    expect(memoryPlan(figureOf(hosting))?.guestBytes).toBeNull()
    const said = applyEdit(hosting, { do: 'change-brief', change: { guestMemoryBytes: 6 * GIB } })
    const [before, after] = [memoryPlan(figureOf(hosting)), memoryPlan(figureOf(said))]
    expect(after?.guestBytes).toBe(6 * GIB)
    expect((before?.fileCacheBytes ?? 0) - (after?.fileCacheBytes ?? 0)).toBe(6 * GIB)
    expect(
      memoryPlan(figureOf(applyEdit(two, { do: 'change-brief', change: { data: [] } })))
        ?.guestBytes,
    ).toBe(0)
  })

  test('where the memory goes adds up', () => {
    const plan = memoryPlan(figureOf(two))
    expect(plan?.memoryBytes).toBe(
      (plan?.systemBytes ?? 0) +
        (plan?.headerBytes ?? 0) +
        (plan?.waitingBytes ?? 0) +
        (plan?.fileCacheBytes ?? 0),
    )
    expect(memoryPlan({ memoryBytes: null, guestBytes: 0, services: [] })).toBeNull()
  })
})

function withoutBoots(design: Design): Design {
  const partIds = design.fitted.filter(({ id }) => id.startsWith('boot-')).map(({ id }) => id)
  return applyEdit(design, { do: 'remove', partIds })
}

test('a design from before there were services has none', () => {
  const old = JSON.parse(JSON.stringify(demoDesign('warm-room-shelf'))) as { services?: unknown }
  delete old.services
  const read = parseDesign(old)
  expect('design' in read && read.design.services).toEqual([])
  expect(demoPart('quillon-spark-250m').sheet.kind).toBe('boot')
})
